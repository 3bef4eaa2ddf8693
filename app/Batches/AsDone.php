<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\LogEntry;
use App\Models\ProductPaints;
use App\Models\SnapshotPaints;
use App\Models\Used;
use Kalokroma\Exchange\PaintSource;
use Kalokroma\Illegal;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** A batch's plan as it was really painted: mixes, thinning and coats of the last entry of each step. */
final class AsDone
{
    public static function plan(Batch $batch): Plan
    {
        $plan = $batch->toCore();
        $paints = self::paints($batch);
        foreach ($batch->entries->sortBy('done_at') as $entry) {
            $step = $plan->step($entry->step_id);
            if ($step === null || $plan->isOfUndercoat($entry->step_id)) {
                continue;
            }
            try {
                $plan = (new ChangeStep(self::done($step, $entry->used(), $entry->coat === null, $paints)))->applyTo($plan);
            } catch (Illegal) {
                // What was noted cannot be a step of the plan: it stays as it was planned.
                continue;
            }
        }

        return $plan;
    }

    /**
     * What was done otherwise than planned, step by step.
     *
     * @return list<array{stepId: string, planned: string, done: string}>
     */
    public static function differences(Batch $batch): array
    {
        $planned = $batch->toCore();
        $done = self::plan($batch);
        $differences = [];
        foreach ([...array_merge([], ...array_map(static fn($area): array => $area->steps, $planned->areas)), ...$planned->wholeModel] as $step) {
            $now = $done->step($step->id);
            if ($now !== null && $now->fingerprint() !== $step->fingerprint()) {
                $differences[] = ['stepId' => $step->id, 'planned' => self::words($step), 'done' => self::words($now)];
            }
        }

        return $differences;
    }

    /** Those the batch has kept; of others that were used instead, the catalogue's. */
    private static function paints(Batch $batch): PaintSource
    {
        $used = $batch->entries->map(static fn(LogEntry $entry): array => $entry->used()->toArray())->all();

        return new FirstOf(SnapshotPaints::of($batch->document), ProductPaints::forDocument($used));
    }

    /** As it was noted; a paint that nobody knows any more leaves the mix as it was planned. */
    private static function done(Step $step, Used $used, bool $isWhole, PaintSource $paints): Step
    {
        $ingredients = [];
        foreach ($used->mix as $part) {
            $paint = $paints->find($part['paint']);
            if ($paint === null) {
                return $isWhole ? $step->inCoats($used->coats) : $step;
            }
            $ingredients[] = Ingredient::of($paint, $part['parts']);
        }
        $mixed = $step->with($ingredients === [] ? $step->mix : Mix::of($ingredients), $used->dilution->outOf($step->dilution->pot));

        return $isWhole ? $mixed->inCoats($used->coats) : $mixed;
    }

    private static function words(Step $step): string
    {
        return sprintf('%s, %s, %d %s', $step->words(), $step->dilution->words(), $step->coats, $step->coats === 1 ? 'coat' : 'coats');
    }
}
