<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\LogEntry;
use App\Models\Product;
use App\Support\Refused;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/**
 * Records what was really done.
 */
final class Logbook
{
    /**
     * Recording the same entry twice (a reload, a shaky line) records it once.
     *
     * @param array{id: string, stepId: string, models: int, minutes?: int|null, note?: string|null, used?: array<string, mixed>|null} $done
     *
     * @throws ValidationException when there is no such step, or more models than are left
     */
    public function record(string $batchId, array $done): Batch
    {
        return DB::transaction(function () use ($batchId, $done): Batch {
            $batch = Batch::query()->with('entries')->findOrFail($batchId);
            $known = LogEntry::withTrashed()->find($done['id']);
            if ($known !== null) {
                return $batch;
            }
            $progress = Progress::of($batch);
            $step = $this->step($progress->plan, $done['stepId']);
            $left = $progress->left($step->id);
            if ($done['models'] > $left) {
                throw ValidationException::withMessages(['models' => $left === 0
                    ? 'This step is done on all models already. Undo an entry to record it anew.'
                    : "This step is left on $left of the models, not on {$done['models']}."]);
            }
            $batch->entries()->create([
                'id' => $done['id'],
                'step_id' => $step->id,
                'models' => $done['models'],
                'used' => $this->used($step, $done['used'] ?? []),
                'minutes' => $done['minutes'] ?? null,
                'note' => $done['note'] ?? '',
                'done_at' => Date::now(),
            ]);

            return $batch->load('entries');
        });
    }

    public function undo(string $entryId): Batch
    {
        return DB::transaction(static function () use ($entryId): Batch {
            $entry = LogEntry::query()->findOrFail($entryId);
            $entry->delete();

            return Batch::query()->with('entries')->findOrFail($entry->batch_id);
        });
    }

    /** @throws Refused when the step was done on too many models meanwhile */
    public function restore(string $entryId): Batch
    {
        return DB::transaction(static function () use ($entryId): Batch {
            $entry = LogEntry::onlyTrashed()->findOrFail($entryId);
            $batch = Batch::query()->with('entries')->findOrFail($entry->batch_id);
            if (Progress::of($batch)->left($entry->step_id) < $entry->models) {
                throw Refused::at('models', 'This step has been recorded anew since. Undo that entry first.');
            }
            $entry->restore();

            return $batch->load('entries');
        });
    }

    /** @throws ValidationException */
    private function step(Plan $plan, string $id): Step
    {
        return $plan->step($id) ?? throw ValidationException::withMessages(['stepId' => 'This batch has no such step. Load the batch anew.']);
    }

    /**
     * @param array<string, mixed> $used
     *
     * @return array<string, mixed>
     *
     * @throws ValidationException when a paint is unknown
     */
    private function used(Step $step, array $used): array
    {
        $planned = PlanWriter::step($step);
        /** @var list<array{paint: string, parts: int}> $mix */
        $mix = $used['mix'] ?? $planned['mix'];
        $names = Product::withTrashed()->findMany(array_column($mix, 'paint'))->pluck('name', 'id');
        foreach ($step->mix->ingredients ?? [] as $ingredient) {
            $names[$ingredient->paint->id] ??= $ingredient->paint->name;
        }
        foreach ($mix as $i => $part) {
            $names->has($part['paint']) || throw ValidationException::withMessages(["used.mix.$i.paint" => 'This paint is not in the catalogue.']);
        }

        return [
            'mix' => array_map(static fn(array $part): array => ['paint' => $part['paint'], 'parts' => (int) $part['parts'], 'name' => $names[$part['paint']]], $mix),
            'dilution' => $used['dilution'] ?? $planned['dilution'],
            'coats' => (int) ($used['coats'] ?? $planned['coats']),
        ];
    }
}
