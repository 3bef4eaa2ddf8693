<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Figures\PlanArchive;
use App\Http\Requests\PageRequest;
use App\Http\Requests\PlanEditRequest;
use App\Http\Requests\PlanRequest;
use App\Http\Resources\FindingResource;
use App\Http\Resources\PaintedResource;
use App\Http\Resources\PlanBrief;
use App\Http\Resources\PlanLooks;
use App\Http\Resources\PlanResource;
use App\Models\Plan;
use App\Models\Product;
use App\Plans\KeptPlan;
use App\Plans\PlanFiles;
use App\Plans\PlanLooksStore;
use App\Plans\PlanStore;
use App\Plans\PlanView;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Kalokroma\Review\Aftermath;

final class PlanController
{
    /** Twenty a page: as many as one looks through before searching by name. */
    public const PER_PAGE = 20;

    public function __construct(private readonly PlanStore $plans) {}

    public function index(PageRequest $request, PlanLooksStore $looks): JsonResponse
    {
        $page = Plan::query()->orderByDesc('updated_at')->orderByDesc('id')->paginate(self::PER_PAGE);

        return new JsonResponse([
            'plans' => PlanBrief::ofAll(new Collection($page->items()), $looks),
            'total' => $page->total(),
            'page' => $page->currentPage(),
            'pages' => $page->lastPage(),
        ]);
    }

    /** All plans by name, to choose one. */
    public function names(): JsonResponse
    {
        return new JsonResponse(Plan::query()->orderByDesc('updated_at')->orderByDesc('id')->toBase()->get(['id', 'name']));
    }

    /** The plan in its open form, paints included. One that cannot be read any more is given out as it is stored. */
    public function file(string $id, PlanFiles $files): Response
    {
        $plan = Plan::query()->findOrFail($id);
        $name = Str::slug($plan->name) ?: 'plan';

        return new Response(
            $files->takeOut($plan),
            200,
            ['Content-Type' => 'application/json; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"$name.plan.json\""],
        );
    }

    /** The plan with its figures. */
    public function archive(string $id, PlanArchive $archives): Response
    {
        $plan = Plan::query()->findOrFail($id);
        $name = Str::slug($plan->name) ?: 'plan';

        return new Response(
            $archives->takeOut($plan),
            200,
            ['Content-Type' => 'application/zip', 'Content-Disposition' => "attachment; filename=\"$name.plan.zip\""],
        );
    }

    /** The text of a plan file, or an archive of one with its figures, as the request's body. */
    public function bringIn(Request $request, PlanFiles $files, PlanArchive $archives): JsonResponse
    {
        $content = $request->getContent();
        $brought = PlanArchive::isOne($content) ? $archives->bringIn($content) : $files->bringIn($content);

        return new JsonResponse(
            [
                'id' => $brought->plan->id,
                'name' => $brought->plan->name,
                'added' => array_map(static fn(Product $one): string => $one->name, $brought->added),
            ],
            201,
        );
    }

    public function store(PlanRequest $request): JsonResponse
    {
        return (new PlanResource($this->plans->create($request->document())))->response()->setStatusCode(201);
    }

    public function show(string $id): PlanResource
    {
        return new PlanResource(KeptPlan::of(Plan::query()->findOrFail($id)));
    }

    /** One change: of fields, or one whose consequences are the craft's to say. */
    public function edit(PlanEditRequest $request, string $id): PlanResource
    {
        return new PlanResource($this->plans->edit($id, $request->edit(), $request->integer('version'), $request->was()));
    }

    /** What the plan would look like after an edit, without making it. */
    public function previewEdit(PlanEditRequest $request, string $id): JsonResponse
    {
        $plan = Plan::query()->findOrFail($id);
        $after = $this->plans->edited($plan, $request->edit(), $request->integer('version'), $request->was());

        return new JsonResponse([
            'looks' => PlanLooks::of($after),
            'brings' => FindingResource::brought(Aftermath::of(PlanView::of($plan)->findings(), $after->findings())),
            ...($request->boolean('painted') ? ['painted' => PaintedResource::of($after->rehearsal)] : []),
        ]);
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
