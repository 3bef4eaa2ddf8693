<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SharedRecipeRequest;
use App\Http\Resources\PlanResource;
use App\Http\Resources\SharedRecipeResource;
use App\Models\Recipe;
use App\Plans\PlanStore;
use App\Plans\RecipeLibrary;
use Illuminate\Http\JsonResponse;

/** The library of recipes that areas share. */
final class SharedRecipeController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(Recipe::query()->orderBy('name')->orderBy('id')->get()->map(SharedRecipeResource::of(...))->values()->all());
    }

    /** The recipe of an area of a plan comes into the library, and the area shares it. */
    public function store(SharedRecipeRequest $request, string $id, string $area, PlanStore $plans): JsonResponse
    {
        return (new PlanResource($plans->share($id, $area, $request->told(), $request->integer('version'))))->response()->setStatusCode(201);
    }

    public function update(SharedRecipeRequest $request, string $id): JsonResponse
    {
        return new JsonResponse(SharedRecipeResource::of(RecipeLibrary::change($id, $request->told(), $request->integer('version'))));
    }

    /** Areas that share it keep their steps and go their own way. */
    public function destroy(string $id): JsonResponse
    {
        Recipe::takeAway($id);

        return new JsonResponse(null, 204);
    }

    public function restore(string $id): JsonResponse
    {
        return new JsonResponse(SharedRecipeResource::of(Recipe::bringBack($id)));
    }
}
