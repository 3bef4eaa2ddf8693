<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Http\Resources\PlanBrief;
use App\Http\Resources\PlanLooks;
use App\Http\Resources\PlanResource;
use App\Models\Plan;
use App\Plans\PlanFiles;
use App\Plans\PlanLooksStore;
use App\Plans\PlanStore;
use App\Plans\PlanView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final class PlanController
{
    public function __construct(private readonly PlanStore $plans) {}

    public function index(PlanLooksStore $looks): JsonResponse
    {
        return new JsonResponse(PlanBrief::ofAll(Plan::query()->orderByDesc('updated_at')->orderByDesc('id')->get(), $looks));
    }

    /** The plan in its open form, paints included. One that cannot be read any more is given out as it is stored. */
    public function file(string $id, PlanFiles $files): Response
    {
        $plan = Plan::query()->findOrFail($id);
        $name = Str::slug($plan->name) ?: 'plan';

        return new Response($files->takeOut($plan), 200, ['Content-Type' => 'application/json; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"$name.plan.json\""]);
    }

    public function store(PlanRequest $request): JsonResponse
    {
        return (new PlanResource($this->plans->create($request->document())))->response()->setStatusCode(201);
    }

    public function show(string $id): PlanResource
    {
        return new PlanResource(Plan::query()->findOrFail($id));
    }

    public function update(PlanRequest $request, string $id): PlanResource
    {
        return new PlanResource($this->plans->save($id, $request->document(), $request->integer('version')));
    }

    /** What the plan would look like, without keeping it. */
    public function preview(PlanRequest $request, string $id): JsonResponse
    {
        Plan::query()->findOrFail($id);

        return new JsonResponse(PlanLooks::of(PlanView::ofDocument($request->document())));
    }

    public function duplicate(string $id): JsonResponse
    {
        return (new PlanResource($this->plans->duplicate($id)))->response()->setStatusCode(201);
    }

    public function destroy(string $id): JsonResponse
    {
        $this->plans->delete($id);

        return new JsonResponse(null, 204);
    }

    public function restore(string $id): PlanResource
    {
        return new PlanResource($this->plans->restore($id));
    }
}
