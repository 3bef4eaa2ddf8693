<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ListRequest;
use App\Http\Resources\ListAnswersResource;
use App\Lists\PastedList;
use App\Models\Plan;
use App\Shelf\OwnedPaints;
use Illuminate\Http\JsonResponse;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Planning\Needs;

final class ListController
{
    public function pasted(ListRequest $request): JsonResponse
    {
        return new JsonResponse(ListAnswersResource::ofList(PastedList::of($request->string('text')->value())->answers($request->tolerance())));
    }

    public function plan(ListRequest $request, string $id): JsonResponse
    {
        return new JsonResponse(ListAnswersResource::ofPlan(
            Needs::of(Plan::query()->findOrFail($id)->toCore()),
            Substitutes::forMany(OwnedPaints::now()->paints()),
            $request->tolerance(),
        ));
    }
}
