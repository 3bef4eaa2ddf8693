<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Figures\FigureStore;
use App\Figures\FigureWork;
use App\Figures\KeptPatches;
use App\Figures\Stills;
use App\Http\Requests\PlanEditRequest;
use App\Http\Resources\FigureResource;
use App\Http\Resources\PaintedResource;
use App\Models\Batch;
use App\Models\Figure;
use App\Models\Plan;
use App\Plans\PlanStore;
use App\Plans\PlanView;
use App\Support\Kept;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The sculpts of a plan, and how they look painted by it. */
final class FigureController
{
    public function __construct(private readonly FigureStore $figures) {}

    public function index(string $id): JsonResponse
    {
        $plan = Plan::query()->findOrFail($id);

        return new JsonResponse(
            $this->figures
                ->ofPlan($plan->id)
                ->map(static fn(Figure $figure): array => FigureResource::of($figure->setRelation('plan', $plan)))
                ->values(),
        );
    }

    /** The GLB file, or a picture of the model, as the request's body. */
    public function store(Request $request, string $id): JsonResponse
    {
        $wish = $request->validate(['name' => ['nullable', 'string', 'max:120']]);

        $name = trim($wish['name'] ?? '') ?: 'Figure';
        $body = $request->getContent();
        $figure = str_starts_with($request->headers->get('Content-Type') ?? '', 'image/')
            ? $this->figures->addPicture($id, $name, $body)
            : $this->figures->add($id, $name, $body);

        return new JsonResponse(FigureResource::of($figure), 201);
    }

    public function painted(string $id): JsonResponse
    {
        return new JsonResponse(PaintedResource::of(PlanView::of(Plan::query()->findOrFail($id))->rehearsal));
    }

    /** As one model of the batch is painted, which keeps the plan as it was: the first where none is named. */
    public function paintedBatch(Request $request, string $id): JsonResponse
    {
        $batch = Batch::query()->findOrFail($id);
        $wish = $request->validate(
            ['model' => ['nullable', 'integer', "between:1,$batch->models"]],
            ['model.*' => "This batch has $batch->models models."],
        );

        return new JsonResponse(PaintedResource::onModel($batch->painted(), (int) ($wish['model'] ?? 1)));
    }

    /** A picture of one model of the batch as it stands now. */
    public function stillOfBatch(Request $request, string $id): Response
    {
        $batch = Batch::query()->with('entries')->findOrFail($id);
        $wish = $request->validate(
            [
                'model' => ['nullable', 'integer', "between:1,$batch->models"],
                'width' => ['required', 'integer', 'between:60,600'],
                'height' => ['required', 'integer', 'between:60,800'],
            ],
            ['model.*' => "This batch has $batch->models models."],
        );
        $still = Stills::ofBatch($batch, (int) ($wish['model'] ?? 1), (int) $wish['width'], (int) $wish['height']) ?? abort(404);

        return new Response($still, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'no-cache']);
    }

    public function sculpt(string $id): Response
    {
        return self::bytes(Figure::query()->findOrFail($id)->sculpt, 'model/gltf-binary');
    }

    /** A picture of it as it is painted, for lists and for paper. */
    public function still(Request $request, string $id): Response
    {
        $wish = $request->validate([
            'width' => ['required', 'integer', 'between:60,900'],
            'height' => ['required', 'integer', 'between:60,1200'],
            'turn' => ['nullable', 'integer', 'between:-180,180'],
            'pass' => ['nullable', 'integer', 'between:0,5000'],
        ]);
        $still = Stills::of(
            Figure::query()->findOrFail($id),
            (int) $wish['width'],
            (int) $wish['height'],
            (float) ($wish['turn'] ?? 0),
            isset($wish['pass']) ? (int) $wish['pass'] : null,
        )
            ?? abort(404);

        // Whoever asks without saying what it looks like gets it anew each time.
        return $request->has('of')
            ? self::bytes($still, 'image/png')
            : new Response($still, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'no-cache']);
    }

    /** The same as it would be painted after an edit, from where one of its areas is seen best. */
    public function stillAfter(PlanEditRequest $request, string $id, PlanStore $plans): Response
    {
        $figure = Figure::query()->findOrFail($id);
        $wish = $request->validate([
            'width' => ['required', 'integer', 'between:60,600'],
            'height' => ['required', 'integer', 'between:60,800'],
            'area' => ['nullable', 'string', 'max:40'],
        ]);
        $after = $plans->edited(Plan::query()->findOrFail($figure->plan_id), $request->edit(), $request->integer('version'), $request->was());
        $still = Stills::after($figure, $after, (int) $wish['width'], (int) $wish['height'], $wish['area'] ?? null) ?? abort(404);

        return self::bytes($still, 'image/png');
    }

    /** The area of each triangle, a byte each. */
    public function labels(string $id): Response
    {
        return self::bytes(Figure::query()->findOrFail($id)->labels);
    }

    /** The patch of each triangle, two bytes each. */
    public function patches(string $id): Response
    {
        $figure = Figure::query()->findOrFail($id);
        Plan::query()->findOrFail($figure->plan_id);

        return self::bytes(KeptPatches::of($figure));
    }

    public function measures(string $id): JsonResponse
    {
        $figure = Figure::query()->findOrFail($id);
        $work = FigureWork::on($figure);
        $measures = static fn(): array => FigureResource::measures($work->measures());

        return new JsonResponse(
            $work->isDone() ? Kept::now()->of('measures', [$figure->standing(), $work->key()], $measures) : $measures(),
        );
    }

    /** What was worked out of each vertex, four bytes each. */
    public function relief(string $id): Response
    {
        $work = FigureWork::on(Figure::query()->findOrFail($id, Figure::TOLD));
        abort_unless($work->isDone(), 404);

        return self::bytes($work->bytes());
    }

    /** Where marks lie on the areas, a byte a vertex. */
    public function marks(string $id): Response
    {
        $figure = Figure::query()->findOrFail($id);
        abort_unless(FigureWork::on($figure)->isDone(), 404);

        return self::bytes(FigureWork::marks($figure));
    }

    /** Goes on with the relief for a moment. */
    public function work(string $id): JsonResponse
    {
        $figure = Figure::query()->findOrFail($id);
        $work = FigureWork::on($figure);
        $work->goOn();

        return new JsonResponse(FigureResource::of($figure, $work));
    }

    public function label(Request $request, string $id): JsonResponse
    {
        /** @var array{version: int, areas: list<string>, triangles: string, patches?: string|null} $wish */
        $wish = $request->validate([
            'version' => ['required', 'integer:strict'],
            'areas' => ['present', 'array', 'list', 'max:254'],
            'areas.*' => ['required', 'string', 'max:40'],
            'triangles' => ['required', 'string', 'max:200000'],
            'patches' => ['nullable', 'string', 'max:400000'],
        ]);

        return new JsonResponse(FigureResource::of($this->figures->label(
            $id,
            $wish['areas'],
            (string) base64_decode($wish['triangles'], true),
            $wish['version'],
            isset($wish['patches']) ? (string) base64_decode($wish['patches'], true) : null,
        )));
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $wish = $request->validate(['name' => ['required', 'string', 'max:120']]);

        return new JsonResponse(FigureResource::of($this->figures->rename($id, $wish['name'])));
    }

    public function destroy(string $id): JsonResponse
    {
        $this->figures->delete($id);

        return new JsonResponse(null, 204);
    }

    public function restore(string $id): JsonResponse
    {
        return new JsonResponse(FigureResource::of($this->figures->restore($id)));
    }

    private static function bytes(string $bytes, string $type = 'application/octet-stream'): Response
    {
        return new Response($bytes, 200, ['Content-Type' => $type, 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}
