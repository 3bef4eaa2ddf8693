<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\LogEntry;
use Illuminate\Support\Str;
use Kalokroma\Batch\Used;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Planning\Member;
use Kalokroma\Planning\Outline;
use Kalokroma\Planning\Record;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/**
 * Puts the record of batches right whose models were painted by turns when a line of the log still spoke of all of them: a line on a step
 * of the recipe becomes one on the models that have the recipe, and one on each variant's step that stood beside it.
 */
final class TurnsApart
{
    public static function all(): void
    {
        foreach (Batch::withTrashed()->with('entries')->where('document', 'like', '%"byTurns":true%')->get() as $batch) {
            try {
                self::of($batch);
            } catch (Faulty) {
                // A plan that cannot be read any more tells no turns.
                continue;
            }
        }
    }

    public static function of(Batch $batch): void
    {
        $squad = $batch->painted();
        $asOne = Outline::of(SquadPlan::of($squad->written, Squad::of(array_values(array_map(
            static fn(Member $one): Member => new Member(
                $one->number,
                ways: array_fill_keys(array_map(static fn(Area $area): string => $area->id, $squad->written->areas), null),
            ),
            $squad->squad->members,
        )))));
        $before = Record::of($asOne, $batch->done());
        foreach ($batch->entries as $entry) {
            $found = $squad->written->find($entry->step_id);
            if ($entry->on_models === null && $found !== null && $found[0]->byTurns && $squad->differs($found[0])) {
                self::part($squad, $entry, $found[0], $found[1], $before->modelsOf($entry->id));
            }
        }
        $batch->unsetRelation('entries');
    }

    /** @param list<int> $models that the line was about */
    private static function part(SquadPlan $squad, LogEntry $entry, Area $area, Step $step, array $models): void
    {
        $place = (int) array_search($step, $area->steps, true);
        $isLast = $place === count($area->steps) - 1;
        $seen = [];
        foreach ($models as $model) {
            $painted = $squad->areaOn($area, $model);
            if ($painted === null || $painted->id === $area->id || isset($seen[$painted->id])) {
                continue;
            }
            $seen[$painted->id] = true;
            foreach (array_slice($painted->steps, $place, $isLast ? null : 1) as $beside) {
                $on = array_values(array_intersect($models, $squad->modelsOf($beside->id)));
                LogEntry::query()->create([
                    'id' => (string) Str::ulid(),
                    'batch_id' => $entry->batch_id,
                    'step_id' => $beside->id,
                    'models' => count($on),
                    'on_models' => $on,
                    'coat' => $entry->coat === null ? null : min($entry->coat, $beside->coats),
                    'used' => Used::asPlanned($beside)->toArray(),
                    'spent' => [],
                    'minutes' => null,
                    'note' => $entry->note,
                    'done_at' => $entry->done_at,
                ]);
            }
        }
        $own = array_values(array_intersect($models, $squad->modelsOf($step->id)));
        // What it took from the pots stays with it, also where none of its models has the recipe.
        $entry->update(['on_models' => $own, 'models' => max(1, count($own))]);
    }
}
