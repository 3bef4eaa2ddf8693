<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\LogEntry;
use App\Models\Used;
use App\Support\Refused;
use App\Support\StaleWrite;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Psr\Clock\ClockInterface;

/**
 * Records what was really done.
 *
 * @phpstan-type Told array{mix?: list<array{paint: string, parts: int}>|null, dilution?: array{paint: int, thinner: int, with: string}|null, coats?: int|null}
 */
final readonly class Logbook
{
    public function __construct(
        private ClockInterface $clock,
        private PotUse $pots,
    ) {}

    /**
     * Recording the same entry twice (a reload, a shaky line) records it once.
     *
     * @param array{id: string, stepId: string, models: int, coat?: int|null, at?: string|null, minutes?: int|null, note?: string|null, used?: Told|null} $done `coat`: one of the step's, when not all that is left of it was done; `at`: when it was done, when that is told later
     *
     * @throws ValidationException when there is no such step, or more models than are left
     * @throws Refused when the id is another batch's entry
     */
    public function record(string $batchId, array $done): Batch
    {
        return DB::transaction(function () use ($batchId, $done): Batch {
            $batch = Batch::query()->with('entries')->findOrFail($batchId);
            $known = LogEntry::withTrashed()->find($done['id']);
            if ($known !== null) {
                return $known->batch_id === $batch->id ? $batch : throw Refused::at('id', 'An entry of another batch has this id. Record it under a new one.');
            }
            $progress = $batch->progress();
            $step = self::step($progress->plan, $done['stepId']);
            $coat = $done['coat'] ?? null;
            if ($coat !== null && $coat > $step->coats) {
                throw ValidationException::withMessages(['coat' => "This step has {$step->coats} coats."]);
            }
            self::mustBeLeft($coat === null ? $progress->left($step->id) : $batch->models - $progress->record->on($step->id, $coat), $done['models']);
            $used = Used::told($step, $done['used'] ?? []);
            $batch->entries()->create([
                'id' => $done['id'],
                'step_id' => $step->id,
                'models' => $done['models'],
                'coat' => $coat,
                'used' => $used->toArray(),
                'spent' => $this->pots->take(Spending::of($progress, $step->id, $used, $done['models'], $coat)),
                'minutes' => $done['minutes'] ?? null,
                'note' => $done['note'] ?? '',
                'done_at' => $this->when($done['at'] ?? null, $batch),
            ]);

            return $batch->load('entries');
        });
    }

    /**
     * Puts right what was noted. When it was done stays.
     *
     * @param array{models: int, minutes?: int|null, note?: string|null, used?: Told|null, version: int} $done
     *
     * @throws ValidationException when more models are told than are left
     * @throws StaleWrite when it was changed elsewhere
     */
    public function change(string $entryId, array $done): Batch
    {
        return DB::transaction(function () use ($entryId, $done): Batch {
            $entry = LogEntry::query()->findOrFail($entryId);
            StaleWrite::unlessCurrent('This entry', $done['version'], $entry->version);
            $batch = self::batchOf($entry);
            $progress = $batch->progress();
            $step = $progress->plan->step($entry->step_id);
            $coats = $step->coats ?? 1;
            self::mustBeLeft($batch->models - $progress->record->on($entry->step_id, min($entry->coat ?? $coats, $coats)) + $entry->models, $done['models']);
            // Of a step that the plan has lost since, what was used stays as it was noted.
            $used = $step === null || ($done['used'] ?? null) === null ? $entry->used() : Used::told($step, $done['used']);
            $this->pots->giveBack($entry->spent ?? []);
            $entry->update([
                'models' => $done['models'],
                'minutes' => $done['minutes'] ?? null,
                'note' => $done['note'] ?? '',
                'used' => $used->toArray(),
                'spent' => $entry->spent === null ? null : $this->pots->take(Spending::of($progress, $entry->step_id, $used, $done['models'], $entry->coat)),
                'version' => $entry->version + 1,
            ]);

            return $batch->load('entries');
        });
    }

    public function undo(string $entryId): Batch
    {
        return DB::transaction(function () use ($entryId): Batch {
            $entry = LogEntry::query()->findOrFail($entryId);
            $this->pots->giveBack($entry->spent ?? []);
            $entry->delete();

            return self::batchOf($entry);
        });
    }

    /** @throws Refused when the step was done on too many models meanwhile */
    public function restore(string $entryId): Batch
    {
        return DB::transaction(function () use ($entryId): Batch {
            $entry = LogEntry::onlyTrashed()->findOrFail($entryId);
            $batch = self::batchOf($entry);
            if ($batch->models - self::noted($batch, $entry) < $entry->models) {
                throw Refused::at('models', 'This step has been recorded anew since. Undo that entry first.');
            }
            $entry->restore();
            $entry->update(['spent' => $entry->spent === null ? null : $this->pots->take(array_column($entry->spent, 'ml', 'paint'))]);

            return $batch->load('entries');
        });
    }

    /** Also one that was deleted: its record stays, and can be put right. */
    private static function batchOf(LogEntry $entry): Batch
    {
        return Batch::withTrashed()->with('entries')->findOrFail($entry->batch_id);
    }

    /** On how many models that coat is noted by name. Coats that a later one lets us conclude are nobody's entries. */
    private static function noted(Batch $batch, LogEntry $entry): int
    {
        $coats = $batch->toCore()->step($entry->step_id)->coats ?? 1;
        $coat = min($entry->coat ?? $coats, $coats);

        return $batch->entries->filter(static fn(LogEntry $one): bool => $one->step_id === $entry->step_id && ($one->coat === null || min($one->coat, $coats) === $coat))->sum('models');
    }

    /** What is told later happened then, however long a tablet had no line; not in the future and not before the batch was, whatever its clock says. */
    private function when(?string $at, Batch $batch): DateTimeImmutable
    {
        $now = $this->clock->now();
        $then = $at === null ? $now : new DateTimeImmutable($at);
        $earliest = min($batch->starts_on, $batch->created_at ?? $batch->starts_on)->toDateTimeImmutable()->modify('-1 day');

        return $then > $now || $then < $earliest ? $now : $then->setTimezone($now->getTimezone());
    }

    /** @throws ValidationException */
    private static function step(Plan $plan, string $id): Step
    {
        return $plan->step($id) ?? throw ValidationException::withMessages(['stepId' => 'This batch has no such step. Load the batch anew.']);
    }

    /** @throws ValidationException */
    private static function mustBeLeft(int $left, int $models): void
    {
        if ($models > $left) {
            throw ValidationException::withMessages(['models' => $left === 0
                ? 'This step is done on all models already. Undo an entry to record it anew.'
                : "This step is left on $left of the models, not on $models."]);
        }
    }
}
