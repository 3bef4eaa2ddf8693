<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SchemeResource;
use App\Models\Plan;
use App\Plans\KeptPlan;
use App\Plans\SchemeView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The scheme of a plan as a whole, and of one area what could be changed and what goes with it. */
final class SchemeController
{
    public function __invoke(Request $request, string $id): JsonResponse
    {
        $wish = $request->validate(['area' => ['nullable', 'string', 'max:40']]);

        return new JsonResponse(SchemeResource::of(SchemeView::of(KeptPlan::of(Plan::query()->findOrFail($id))), $wish['area'] ?? null));
    }
}
