<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\Slips;
use App\Http\Requests\PlainTextRule;
use App\Http\Resources\BatchResource;
use App\Http\Resources\MixResource;
use App\Models\Batch;
use App\Models\Slip;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Kalokroma\Planning\Slipped;
use Kalokroma\Planning\SlipPrice;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What slipped, queued to be put right. */
final readonly class SlipController
{
    public function __construct(private Slips $slips) {}

    public function store(Request $request, string $id): JsonResponse
    {
        /** @var array{id: string, stepId: string, kind: string, models: list<int>, note?: string|null} $wish */
        $wish = $request->validate([
            'id' => ['required', 'string', 'ulid'],
            'stepId' => ['required', 'string', 'max:40'],
            'kind' => ['required', 'string', Rule::enum(Slipped::class)],
            'models' => ['required', 'array', 'list', 'between:1,'.Batch::MOST_MODELS],
            'models.*' => ['integer:strict', 'between:1,'.Batch::MOST_MODELS],
            'note' => ['nullable', 'string', new PlainTextRule(500)],
        ], ['models.required' => 'Say on which models it slipped.']);

        return BatchController::answer($this->slips->note($id, $wish))->response()->setStatusCode(201);
    }

    /** What it would cost if the brush slipped now. */
    public function price(string $id, string $step): JsonResponse
    {
        $progress = Batch::query()->with('entries')->findOrFail($id)->progress();
        $pass = $progress->pass($step) ?? throw new NotFoundHttpException('This batch has no such step.');

        return new JsonResponse(array_map(static fn(SlipPrice $one): array => [
            'areaId' => $one->beside->id,
            'areaName' => $one->beside->name,
            'words' => $one->words(),
            'minutes' => (int) ceil($one->minutes),
            'mix' => MixResource::maybe($one->with?->step->mix),
        ], SlipPrice::all($progress, $pass)));
    }

    public function update(Request $request, string $id): BatchResource
    {
        $wish = $request->validate(['isMended' => ['required', 'boolean:strict'], 'version' => ['required', 'integer:strict']]);

        return BatchController::answer($this->slips->settle($id, $wish['isMended'], $wish['version']));
    }

    public function destroy(string $id): BatchResource
    {
        return DB::transaction(static fn(): BatchResource => BatchController::answer(Slip::takeAway($id)->batch_id));
    }

    public function restore(string $id): BatchResource
    {
        return DB::transaction(static fn(): BatchResource => BatchController::answer(Slip::bringBack($id)->batch_id));
    }
}
