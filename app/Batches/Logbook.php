<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\LogEntry;
use App\Models\Setting;
use App\Support\Refused;
use App\Support\StaleWrite;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kalokroma\Planning\Tally;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Psr\Clock\ClockInterface;

/**
 * Records what was really done.
 *
 * @phpstan-type Told array{mix?: list<array{paint: string, parts: int}>|null, dilution?: array{paint: int, thinner: int, with: string}|null,
 *     coats?: int|null}
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
     * @param array{id: string, stepId: string, models?: int|null, on?: list<int>|null, coat?: int|null, at?: string|null, minutes?: int|null,
     *     note?: string|null, brush?: string|null, used?: Told|null} $done `on`: numbers of the models, else so many of those that come next;
     *     `coat`: one of the step's, when not all that is left of it was done; `at`: when it was done, when that is told later
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
                return $known->batch_id === $batch->id
                    ? $batch
                    : throw Refused::at('id', 'An entry of another batch has this id. Record it under a new one.');
            }
            $core = $batch->core();
            $step = self::step($core->squad->plan, $done['stepId']);
            $coat = $done['coat'] ?? null;
            if ($coat !== null && $coat > $step->coats) {
                throw ValidationException::withMessages(['coat' => "This step has {$step->coats} coats."]);
            }
            $on = self::models($core->progress()->tally, $step, $coat, $done);
            $used = UsedAsTold::of($step, $done['used'] ?? []);
            $batch->entries()->create([
                'id' => $done['id'],
                'step_id' => $step->id,
                'models' => count($on),
                'on_models' => $on,
                'coat' => $coat,
                'used' => $used->toArray(),
                'spent' => $this->pots->take($core->spends($step->id, $used, $on, $coat, Setting::measures())),
                'minutes' => $done['minutes'] ?? null,
                'note' => $done['note'] ?? '',
                'brush_id' => $done['brush'] ?? null,
                'done_at' => $this->when($done['at'] ?? null, $batch),
            ]);

            return $batch->load('entries');
        });
    }

    /**
     * Puts right what was noted. When it was done stays.
     *
     * @param array{models?: int|null, on?: list<int>|null, minutes?: int|null, note?: string|null, brush?: string|null, used?: Told|null,
     *     version: int} $done
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
            $before = $batch->core()->progress()->record()->modelsOf($entry->id);
            // What it was about is free again for it.
            $batch->setRelation('entries', $batch->entries->reject(static fn(LogEntry $one): bool => $one->id === $entry->id));
            $core = $batch->core();
            $step = $core->squad->plan->step($entry->step_id);
            // Of a step that the plan has lost since, models and what was used stay as they were noted.
            $on = $step === null ? $entry->on_models : self::changed($core->progress()->tally, $step, $entry, $before, $done);
            $used = $step === null || ($done['used'] ?? null) === null ? $entry->used() : UsedAsTold::of($step, $done['used']);
            $this->pots->giveBack($entry->spent ?? []);
            $entry->update([
                'models' => $on === null ? $entry->models : count($on),
                'on_models' => $on,
                'minutes' => $done['minutes'] ?? null,
                'note' => $done['note'] ?? '',
                ...(array_key_exists('brush', $done) ? ['brush_id' => $done['brush']] : []),
                'used' => $used->toArray(),
                'spent' => $entry->spent === null
                    ? null
                    : $this->pots->take($core->spends($entry->step_id, $used, $on ?? [], $entry->coat, Setting::measures())),
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
            if (! self::isFree($batch, $entry)) {
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

    /** That coat is noted by no other entry on its models. Coats that a later one lets us conclude are nobody's entries. */
    private static function isFree(Batch $batch, LogEntry $entry): bool
    {
        $progress = $batch->core()->progress();
        $coats = $progress->tally->outline->coats($entry->step_id);
        $coat = min($entry->coat ?? $coats, $coats);
        $noted = [];
        foreach ($batch->entries as $one) {
            if ($one->step_id === $entry->step_id && ($one->coat === null || min($one->coat, $coats) === $coat)) {
                array_push($noted, ...$progress->record()->modelsOf($one->id));
            }
        }
        $free = array_diff($progress->tally->outline->models($entry->step_id), $noted);

        return $entry->on_models === null ? count($free) >= $entry->models : array_diff($entry->on_models, $free) === [];
    }

    /**
     * What is told later happened then, however long a tablet had no line; not in the future and not before the batch was, whatever its
     * clock says.
     */
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

    /**
     * @param array{models?: int|null, on?: list<int>|null} $done
     *
     * @return non-empty-list<int> numbers of the models it is about
     *
     * @throws ValidationException when a model does not have this step, or has it already, or more are told than are left
     */
    private static function models(Tally $tally, Step $step, ?int $coat, array $done): array
    {
        $left = $tally->modelsLeft($step->id, $coat ?? $step->coats);
        if (($done['on'] ?? null) === null || $left === []) {
            return self::thatAreLeft($tally->next($step->id, $coat, $done['models'] ?? 1), $done['models'] ?? 1, count($left));
        }
        $on = $done['on'];
        sort($on);
        foreach ($done['on'] as $at => $model) {
            if (! in_array($model, $tally->outline->models($step->id), true)) {
                throw ValidationException::withMessages(["on.$at" => "Model $model does not get this step."]);
            }
            if (! in_array($model, $left, true)) {
                throw ValidationException::withMessages(["on.$at" => "This is done on model $model already. Undo that entry to record it anew."]);
            }
        }

        return $on === [] ? throw ValidationException::withMessages(['on' => 'Say on which models it was done.']) : $on;
    }

    /**
     * @param list<int> $before models it was about
     * @param array{models?: int|null, on?: list<int>|null} $done
     *
     * @return non-empty-list<int> numbers of the models it is about now: told by their number alone, those it was about come first
     *
     * @throws ValidationException as for `models`
     */
    private static function changed(Tally $tally, Step $step, LogEntry $entry, array $before, array $done): array
    {
        if (($done['on'] ?? null) !== null) {
            return self::models($tally, $step, $entry->coat, $done);
        }
        $left = $tally->modelsLeft($step->id, min($entry->coat ?? $step->coats, $step->coats));
        $models = $done['models'] ?? $entry->models;
        $on = array_slice([...$before, ...array_values(array_diff($left, $before))], 0, $models);
        sort($on);

        return self::thatAreLeft($on, $models, count(array_unique([...$before, ...$left])));
    }

    /**
     * @param list<int> $on
     *
     * @return non-empty-list<int>
     *
     * @throws ValidationException
     */
    private static function thatAreLeft(array $on, int $models, int $left): array
    {
        if ($on === [] || count($on) < $models) {
            throw ValidationException::withMessages(['models' => $left === 0
                ? 'This step is done on all models already. Undo an entry to record it anew.'
                : "This step is left on $left of the models, not on $models."]);
        }

        return $on;
    }
}
