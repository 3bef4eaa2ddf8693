<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\Setting;
use App\Shelf\OwnedPaints;
use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\Shortage;
use Kalokroma\Craft\Technique;
use Kalokroma\Recipe\Plan;

/** What is otherwise now than when a batch was painted: what whoever repeats it has to know beforehand. */
final class Since
{
    /** @return list<string> a sentence for each */
    public static function of(Batch $batch, Plan $plan): array
    {
        return [...self::plan($batch), ...self::paints($batch, $plan), ...self::habits($batch, $plan)];
    }

    /** @return list<string> */
    private static function plan(Batch $batch): array
    {
        return match (true) {
            $batch->plan_id === null || $batch->plan === null => ['The plan was deleted since; the batch keeps it as it was painted.'],
            $batch->plan->version !== $batch->plan_version => ['The plan has changed since; repeated is what was painted, not what the plan says now.'],
            default => [],
        };
    }

    /** @return list<string> */
    private static function paints(Batch $batch, Plan $plan): array
    {
        $measures = Setting::measures();
        $words = [];
        foreach (Shortage::all(Amounts::for($batch->painted(), $measures)->poured(), OwnedPaints::shelf(), $batch->models, $measures->dropMl) as $short) {
            $words[] = $short->isOwned()
                ? sprintf('%s: %.1f ml left, %.1f ml are needed for as many models.', $short->paint->name, $short->leftMl, $short->neededMl)
                : sprintf('%s is not on the shelf.', $short->paint->name);
        }

        return $words;
    }

    /** @return list<string> */
    private static function habits(Batch $batch, Plan $plan): array
    {
        [$then, $now] = [Setting::bookOf($batch->habits), Setting::book()];
        $used = [];
        foreach ([...array_merge([], ...array_map(static fn($area): array => $area->steps, $plan->areas)), ...$plan->wholeModel] as $step) {
            $used[$step->technique->id] = $step->technique->label;
        }
        $changed = array_filter($used, static fn(string $id): bool => self::told($then->technique($id)) !== self::told($now->technique($id)), ARRAY_FILTER_USE_KEY);

        return $changed === [] ? [] : [sprintf('Your habits are otherwise now: %s. The repeated batch goes by those of then.', mb_strtolower(implode(', ', $changed)))];
    }

    private static function told(?Technique $technique): string
    {
        return $technique === null ? '' : serialize([$technique->minutes, $technique->dryMinutes, $technique->neatness, $technique->usual]);
    }
}
