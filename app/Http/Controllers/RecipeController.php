<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RecipeRequest;
use App\Http\Resources\ProposalResource;
use App\Models\Plan;
use App\Plans\PlanView;
use App\Plans\RecipeQuestion;
use Illuminate\Http\JsonResponse;

/** Recipes written for an area, to choose from; one is taken by an edit of the plan. */
final class RecipeController
{
    public function __invoke(RecipeRequest $request, string $id, string $area): JsonResponse
    {
        $question = RecipeQuestion::of(PlanView::of(Plan::query()->findOrFail($id)), $area, $request->wish());

        return new JsonResponse([
            'asked' => $question->asked()->toSrgb()->hex(),
            'proposals' => array_map(ProposalResource::of(...), $question->proposals()),
        ]);
    }
}
