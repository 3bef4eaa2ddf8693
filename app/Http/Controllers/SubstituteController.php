<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SubstituteResource;
use App\Models\Plan;
use App\Plans\StepSubstitutes;
use Illuminate\Http\JsonResponse;

final class SubstituteController
{
    public function __invoke(string $id, string $step): JsonResponse
    {
        return new JsonResponse(SubstituteResource::of(StepSubstitutes::of(Plan::query()->findOrFail($id)->toCore(), $step)));
    }
}
