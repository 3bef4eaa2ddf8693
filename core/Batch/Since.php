<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\Measures;
use Kalokroma\Amounts\Shortage;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Technique;
use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;

/** What is otherwise now than when a batch was painted: what whoever repeats it has to know beforehand. */
final class Since
{
    /**
     * @param bool|null $planChanged since the batch began; null when the plan is gone
     *
     * @return list<string> a sentence for each
     */
    public static function of(SquadPlan $painted, ?bool $planChanged, Shelf $shelf, Measures $measures, CraftBook $then, CraftBook $now): array
    {
        return [...self::plan($planChanged), ...self::paints($painted, $shelf, $measures), ...self::habits($painted->plan, $then, $now)];
    }

    /** @return list<string> */
    private static function plan(?bool $changed): array
    {
        return match ($changed) {
            null => ['The plan was deleted since; the batch keeps it as it was painted.'],
            true => ['The plan has changed since; repeated is what was painted, not what the plan says now.'],
            false => [],
        };
    }

    /** @return list<string> */
    private static function paints(SquadPlan $painted, Shelf $shelf, Measures $measures): array
    {
        return array_map(static fn(Shortage $short): string => $short->isOwned()
            ? sprintf('%s: %.1f ml left, %.1f ml are needed for as many models.', $short->paint->name, $short->leftMl, $short->neededMl)
            : sprintf('%s is not on the shelf.', $short->paint->name), Shortage::all(
                Amounts::for($painted, $measures)->poured(),
                $shelf,
                $painted->count(),
                $measures->dropMl,
            ));
    }

    /** @return list<string> */
    private static function habits(Plan $plan, CraftBook $then, CraftBook $now): array
    {
        $used = [];
        foreach ($plan->steps() as $step) {
            $used[$step->technique->id] = mb_strtolower($step->technique->label);
        }
        $changed = array_filter(
            $used,
            static fn(string $id): bool => self::told($then->technique($id)) !== self::told($now->technique($id)),
            ARRAY_FILTER_USE_KEY,
        );

        return $changed === []
            ? []
            : [sprintf('Your habits are otherwise now: %s. The repeated batch goes by those of then.', implode(', ', $changed))];
    }

    /** @return list<mixed> what a habit may change */
    private static function told(?Technique $technique): array
    {
        return $technique === null ? [] : [$technique->minutes, $technique->dryMinutes, $technique->neatness, serialize($technique->usual)];
    }
}
