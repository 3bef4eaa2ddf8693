<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BeginningRequest;
use App\Http\Resources\PlanResource;
use App\Http\Resources\SketchResource;
use App\Models\Product;
use App\Plans\PlanStore;
use Illuminate\Http\JsonResponse;
use Kalokroma\Paint\Paint;
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
        [$base, $light] = array_map(static function (string $field) use ($request): ?Paint {
            $id = $request->input("undercoat.$field");
            $paint = is_string($id) ? Product::query()->find($id)?->toCore() : null;

            return $paint !== null && Undercoat::takes($paint) ? $paint : null;
        }, ['base', 'light']);

        return $base === null ? null : Undercoat::of($base, $light);
    }
}
