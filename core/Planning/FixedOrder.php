<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** The plan a batch is painted by says every step's place, so that nothing learned or changed later reshuffles a batch that is half done. */
final class FixedOrder
{
    public static function of(Plan $plan): Plan
    {
        return $plan->running($plan->running->inOrder(Order::of($plan)->stepIds()));
    }

    /**
     * A newer plan for a batch under way: what was begun stays in the order it was done in, the rest as the newer plan wants it.
     *
     * @param list<string> $begun ids of steps in the order they stood
     */
    public static function keeping(Plan $newer, array $begun): Plan
    {
        $ids = Order::of($newer)->stepIds();
        $begun = array_values(array_intersect($begun, $ids));
        try {
            return self::of($newer->running($newer->running->inOrder([...$begun, ...array_values(array_diff($ids, $begun))])));
        } catch (IllegalPlan) {
            // The newer recipe has a step before one that is done already: then its own order is the only one there is.
            return self::of($newer);
        }
    }
}
