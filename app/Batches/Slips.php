<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\Slip;
use App\Support\Refused;
use App\Support\StaleWrite;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Psr\Clock\ClockInterface;

/** The queue of touch-ups of a batch. */
final readonly class Slips
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * Noting the same slip twice notes it once.
     *
     * @param array{id: string, stepId: string, kind: string, models: list<int>, note?: string|null} $slip
     *
     * @throws ValidationException when there is no such step or model
     * @throws Refused when the id is another batch's slip
     */
    public function note(string $batchId, array $slip): Batch
    {
        return DB::transaction(function () use ($batchId, $slip): Batch {
            $batch = Batch::query()->findOrFail($batchId);
            $known = Slip::withTrashed()->find($slip['id']);
            if ($known !== null) {
                return $known->batch_id === $batch->id
                    ? $batch
                    : throw Refused::at('id', 'A slip of another batch has this id. Note it under a new one.');
            }
            $batch->toCore()->step($slip['stepId'])
                ?? throw ValidationException::withMessages(['stepId' => 'This batch has no such step. Load the batch anew.']);
            foreach ($slip['models'] as $at => $model) {
                if ($model > $batch->models) {
                    throw ValidationException::withMessages(["models.$at" => "This batch has $batch->models models."]);
                }
            }
            $models = array_values(array_unique($slip['models']));
            sort($models);
            Slip::query()->create([
                'id' => $slip['id'], 'batch_id' => $batch->id, 'step_id' => $slip['stepId'], 'kind' => $slip['kind'], 'models' => $models,
                'note' => $slip['note'] ?? '', 'slipped_at' => $this->clock->now(),
            ]);

            return $batch;
        });
    }

    /** @throws StaleWrite when it was changed elsewhere */
    public function settle(string $id, bool $isMended, int $version): Batch
    {
        return DB::transaction(function () use ($id, $isMended, $version): Batch {
            $slip = Slip::query()->findOrFail($id);
            StaleWrite::unlessCurrent('This touch-up', $version, $slip->version);
            $slip->update(['mended_at' => $isMended ? $this->clock->now() : null, 'version' => $version + 1]);

            return Batch::query()->findOrFail($slip->batch_id);
        });
    }
}
