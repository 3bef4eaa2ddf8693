<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SubstituteResource;
use App\Models\Plan;
use App\Plans\PlanView;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Kalokroma\Planning\StandIns;

final class SubstituteController
{
    public function __invoke(string $id, string $step): JsonResponse
    {
        $view = PlanView::of(Plan::query()->findOrFail($id));

        return new JsonResponse(SubstituteResource::of(
            StandIns::of($view->rehearsal, $step, $view->shelf()) ?? throw (new ModelNotFoundException)->setModel(Plan::class, [$step]),
        ));
    }
}
