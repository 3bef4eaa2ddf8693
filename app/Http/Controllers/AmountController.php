<?php

declare(strict_types=1);

namespace App\Http\Controllers;

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
        $wish = $request->validate(['models' => ['required', 'integer', 'between:1,'.Batch::MOST_MODELS]], ['models.*' => 'A batch has 1 to '.Batch::MOST_MODELS.' models. Split a larger one.']);

        return new JsonResponse(AmountResource::of(Amounts::of(Plan::query()->findOrFail($id)->toCore(), (int) $wish['models'], Setting::measures()), (int) $wish['models'], OwnedPaints::shelf()));
    }

    public function batch(string $id): JsonResponse
    {
        $batch = Batch::query()->with('entries')->findOrFail($id);
        $progress = $batch->progress();

        return new JsonResponse(AmountResource::of(Amounts::left($progress, Setting::measures()), $batch->models, OwnedPaints::shelf(), $progress));
    }
}
