<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\WayResource;
use App\Models\Plan;
use App\Plans\PlanView;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Ways to paint an area, or several of a plan together, side by side. */
final class WayController
{
    public function area(string $id, string $area): JsonResponse
    {
        $view = PlanView::of(Plan::query()->findOrFail($id));
        $found = $view->plan->area($area) ?? throw new NotFoundHttpException('This plan has no such area.');

        return new JsonResponse(WayResource::ofArea($view, $found));
    }

    public function __invoke(string $id): JsonResponse
    {
        return new JsonResponse(['ways' => WayResource::ofPlan(PlanView::of(Plan::query()->findOrFail($id)))]);
    }
}
