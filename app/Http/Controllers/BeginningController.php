<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BeginningRequest;
use App\Http\Resources\PlanResource;
use App\Http\Resources\SketchResource;
use App\Models\Product;
use App\Plans\PlanStore;
use Illuminate\Http\JsonResponse;
use Kalokroma\Recipe\Undercoat;

/** Plans begun by naming things. */
final class BeginningController
{
    /** What it would begin with, without keeping it. What is not chosen yet is left out. */
    public function sketch(BeginningRequest $request): JsonResponse
    {
        return new JsonResponse(SketchResource::of(array_values($request->areas()), self::undercoat($request)));
    }

    public function store(BeginningRequest $request, PlanStore $plans): JsonResponse
    {
        return (new PlanResource($plans->begin($request->document(), $request->areas())))->response()->setStatusCode(201);
    }

    private static function undercoat(BeginningRequest $request): ?Undercoat
    {
        [$base, $light] = array_map(static fn(string $field): ?Product => is_string($request->input("undercoat.$field")) ? Product::query()->with('pot')->find($request->input("undercoat.$field")) : null, ['base', 'light']);
        if ($base === null || $base->kind->isClear()) {
            return null;
        }

        return Undercoat::of($base->toCore(), $light === null || $light->kind->isClear() ? null : $light->toCore());
    }
}
