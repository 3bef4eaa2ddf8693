<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\Progress;
use App\Batches\Tally;
use App\Http\Resources\BenchResource;
use App\Models\Batch;
use App\Models\Product;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What now. */
final class BenchController
{
    public function __invoke(Request $request): JsonResponse
    {
        $batches = Batch::query()->orderBy('starts_on')->orderBy('id')->get();
        $tallies = Tally::ofAll($batches);
        // Only what is still to be painted is looked into.
        $batches->filter(static fn(Batch $batch): bool => ! $tallies[$batch->id]->isFinished())->load('entries');
        $owned = Product::query()->with('pot')->whereHas('pot', static fn(Builder $pot) => $pot->where('pots', '>', 0))->orderBy('name')->get();

        return new JsonResponse(BenchResource::of(
            $batches->map(static fn(Batch $batch): array => [$batch, $tallies[$batch->id], $tallies[$batch->id]->isFinished() ? null : Progress::of($batch)])->all(),
            $owned->all(),
            $request,
        ));
    }
}
