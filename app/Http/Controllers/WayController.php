<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\WayResource;
use App\Models\Plan;
use App\Plans\PlanView;
use Illuminate\Http\JsonResponse;

/** Ways to paint several areas of a plan, side by side. */
final class WayController
{
    public function __invoke(string $id): JsonResponse
    {
        return new JsonResponse(['ways' => WayResource::ofPlan(PlanView::of(Plan::query()->findOrFail($id)))]);
    }
}
