<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\WishedSquad;
use App\Http\Resources\AmountResource;
use App\Models\Batch;
use App\Models\Plan;
use App\Models\Setting;
use App\Shelf\OwnedPaints;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Amounts\Amounts;

/** How much to pour. */
final class AmountController
{
    public function plan(Request $request, string $id): JsonResponse
    {
        $squad = WishedSquad::of($request, Plan::query()->findOrFail($id)->toCore());

        return new JsonResponse(AmountResource::of(Amounts::for($squad, Setting::measures()), $squad->count(), OwnedPaints::shelf()));
    }

    public function batch(string $id): JsonResponse
    {
        $batch = Batch::query()->with('entries')->findOrFail($id);
        $progress = $batch->progress();

        return new JsonResponse(AmountResource::of(Amounts::left($progress, Setting::measures()), $batch->models, OwnedPaints::shelf(), $progress));
    }
}
