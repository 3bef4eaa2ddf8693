<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ListRequest;
use App\Http\Resources\ListAnswersResource;
use App\Lists\PastedList;
use App\Lists\PlanNeeds;
use App\Models\Plan;
use Illuminate\Http\JsonResponse;

final class ListController
{
    public function pasted(ListRequest $request): JsonResponse
    {
        return new JsonResponse(ListAnswersResource::ofList(PastedList::of($request->string('text')->value())->answers($request->tolerance())));
    }

    public function plan(ListRequest $request, string $id): JsonResponse
    {
        return new JsonResponse(ListAnswersResource::ofPlan(PlanNeeds::of(Plan::query()->findOrFail($id), $request->tolerance())));
    }
}
