<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\AreaRelations;
use Kalokroma\Recipe\Plan;

/**
 * All steps of a plan in the order they are painted: undercoat, then all bases, all washes and so on (the batch painter's way),
 * inner areas before outer ones. Within an area the recipe's own order always holds.
 */
final class PaintingOrder
{
    /** @return list<Pass> numbered from 1 */
    public static function of(Plan $plan): array
    {
        $relations = new AreaRelations($plan->areas);
        $entries = [];
        foreach ($plan->areas as $position => $area) {
            $rank = 0;
            foreach ($area->steps as $number => $step) {
                $rank = max($rank, $step->technique->rank());
                $entries[] = [[$rank, -$relations->depth($area), $position, $number], $area, $step];
            }
        }
        usort($entries, static fn(array $one, array $other): int => $one[0] <=> $other[0]);
        $passes = array_map(static fn($step): array => [null, null, $step], $plan->undercoat->steps());
        array_push($passes, ...$entries);

        return array_map(
            static fn(array $entry, int $index): Pass => new Pass($index + 1, $entry[1], $entry[2]),
            $passes,
            array_keys($passes),
        );
    }
}
