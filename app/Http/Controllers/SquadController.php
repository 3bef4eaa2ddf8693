<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\SquadStore;
use App\Http\Resources\SquadResource;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Batch\Touch;
use Kalokroma\Batch\Toward;

/** Who of a batch is painted how. */
final readonly class SquadController
{
    public function __construct(private SquadStore $squads) {}

    public function show(string $id): JsonResponse
    {
        return self::answer(Batch::query()->findOrFail($id));
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $wish = $request->validate(
            ['models' => ['required', 'array', 'list', 'between:1,'.Batch::MOST_MODELS], 'version' => ['required', 'integer:strict']],
            ['models.*' => 'A batch has 1 to '.Batch::MOST_MODELS.' models.'],
        );
        /** @var list<mixed> $models */
        $models = $wish['models'];

        return self::answer($this->squads->seat($id, $models, (int) $wish['version']));
    }

    public function vary(Request $request, string $id): JsonResponse
    {
        /** @var array{area: string, toward: string, within?: float|int|null, models: list<int>, version: int} $wish */
        $wish = $request->validate([
            'area' => ['required', 'string', 'max:40'],
            'toward' => ['required', Rule::enum(Toward::class)],
            'within' => ['nullable', 'numeric', 'between:1,12'],
            'models' => ['required', 'array', 'list', 'between:1,'.Batch::MOST_MODELS],
            'models.*' => ['integer:strict', 'between:1,'.Batch::MOST_MODELS],
            'version' => ['required', 'integer:strict'],
        ], ['models.required' => 'Say which models shall differ.']);

        return self::answer($this->squads->vary(
            $id,
            $wish['area'],
            Toward::from($wish['toward']),
            (float) ($wish['within'] ?? Touch::USUAL),
            $wish['models'],
            $wish['version'],
        ));
    }

    private static function answer(Batch $batch): JsonResponse
    {
        return new JsonResponse(SquadResource::matrix($batch));
    }
}
