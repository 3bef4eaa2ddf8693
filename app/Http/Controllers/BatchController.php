<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\BatchStore;
use App\Http\Requests\BatchRequest;
use App\Http\Requests\PageRequest;
use App\Http\Resources\BatchBrief;
use App\Http\Resources\BatchResource;
use App\Models\Batch;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Exchange\BatchDocument;
use Symfony\Component\HttpFoundation\HeaderUtils;

final class BatchController
{
    public const PER_PAGE = 50;

    public function __construct(private readonly BatchStore $batches) {}

    public function index(PageRequest $request): JsonResponse
    {
        $page = Batch::query()->orderByDesc('starts_on')->orderByDesc('id')->paginate(self::PER_PAGE);

        return new JsonResponse([
            'batches' => BatchBrief::ofAll(new Collection($page->items())),
            'total' => $page->total(),
            'page' => $page->currentPage(),
            'pages' => $page->lastPage(),
        ]);
    }

    /** All batches by name, to choose one. */
    public function names(): JsonResponse
    {
        return new JsonResponse(Batch::query()->orderByDesc('starts_on')->orderByDesc('id')->toBase()->get(['id', 'name']));
    }

    public function store(BatchRequest $request): JsonResponse
    {
        $batch = $this->batches->begin(
            $request->string('planId')->value(),
            $request->string('name')->value(),
            $request->integer('models'),
            $request->string('startsOn')->value(),
            self::squad($request),
        );

        return self::answer($batch)->response()->setStatusCode(201);
    }

    /** @return list<mixed>|null */
    private static function squad(BatchRequest $request): ?array
    {
        $squad = $request->validated('squad');

        return is_array($squad) && $squad !== [] ? array_values($squad) : null;
    }

    public function show(string $id): BatchResource
    {
        return self::answer($id);
    }

    /** All of it in an open form (docs/formats/batch.schema.json). */
    public function file(string $id): JsonResponse
    {
        $batch = Batch::query()->with('entries.brush')->findOrFail($id);
        $file = BatchDocument::write($batch->name, $batch->starts_on->toDateString(), $batch->document, $batch->core());

        return new JsonResponse(
            $file,
            200,
            ['Content-Disposition' => HeaderUtils::makeDisposition('attachment', "$batch->id.batch.json")],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public function update(BatchRequest $request, string $id): BatchResource
    {
        return self::answer($this->batches->change(
            $id,
            $request->string('name')->value(),
            $request->integer('models'),
            $request->string('startsOn')->value(),
            $request->integer('version'),
        ));
    }

    public function destroy(string $id): JsonResponse
    {
        Batch::takeAway($id);

        return new JsonResponse(null, 204);
    }

    public function restore(string $id): BatchResource
    {
        return self::answer(Batch::bringBack($id));
    }

    public function refresh(string $id): BatchResource
    {
        return self::answer($this->batches->refresh($id));
    }

    public function desk(Request $request, string $id): BatchResource
    {
        $wish = $request->validate([
            'rests' => ['required', 'boolean:strict'],
            'skipped' => ['present', 'array', 'list', 'max:200'],
            'skipped.*' => ['string', 'max:40'],
            'version' => ['required', 'integer:strict'],
        ]);

        return self::answer($this->batches->share($id, $wish['rests'], $wish['skipped'], $wish['version']));
    }

    public function repeat(BatchRequest $request, string $id): JsonResponse
    {
        return self::answer($this->batches->repeat(
            $id,
            $request->string('name')->value(),
            $request->integer('models'),
            $request->string('startsOn')->value(),
        ))->response()->setStatusCode(201);
    }

    /** @param Batch|string $batch or its id */
    public static function answer(Batch|string $batch): BatchResource
    {
        return new BatchResource((is_string($batch) ? Batch::query()->findOrFail($batch) : $batch)->load(['entries', 'plan']));
    }
}
