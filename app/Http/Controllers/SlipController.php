<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\Slips;
use App\Http\Requests\PlainTextRule;
use App\Http\Resources\BatchResource;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Planning\Slipped;

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

    public function update(Request $request, string $id): BatchResource
    {
        $wish = $request->validate(['isMended' => ['required', 'boolean:strict'], 'version' => ['required', 'integer:strict']]);

        return BatchController::answer($this->slips->settle($id, $wish['isMended'], $wish['version']));
    }

    public function destroy(string $id): BatchResource
    {
        return BatchController::answer($this->slips->remove($id));
    }

    public function restore(string $id): BatchResource
    {
        return BatchController::answer($this->slips->restore($id));
    }
}
