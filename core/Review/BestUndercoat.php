<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Craft\FinishLevel;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Undercoat;

/** The undercoat at hand over which the first colours of all areas need fewest coats. */
final class BestUndercoat
{
    /** Looking at more would take longer than anybody waits for a hint. */
    private const MOST = 8;

    /** Coats that stand for "never". */
    private const NEVER = 15;

    public static function for(Scene $scene): ?Paint
    {
        $best = null;
        $fewest = INF;
        foreach (array_slice($scene->atHand()->undercoats(), 0, self::MOST) as $paint) {
            $coats = self::coats($scene->plan, $paint);
            if ($coats < $fewest) {
                [$best, $fewest] = [$paint, $coats];
            }
        }

        return $best;
    }

    /** Weighed by the areas' shares. */
    private static function coats(Plan $plan, Paint $paint): float
    {
        $undercoat = Undercoat::plain($paint);
        $sum = 0.0;
        foreach ($plan->areas as $area) {
            $sum += $area->size->share() * self::first($area, $undercoat, $plan->model->finishLevel);
        }

        return $sum;
    }

    private static function first(Area $area, Undercoat $undercoat, FinishLevel $finish): int
    {
        foreach ($area->withSteps(array_slice($area->steps, 0, 2))->strip($undercoat, $finish)->stages as $stage) {
            if ($stage->forecast !== null && ! $undercoat->holds($stage->application->id)) {
                return $stage->forecast->needed ?? self::NEVER;
            }
        }

        return 1;
    }
}
