<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Simulation\Strip;

/**
 * Every rule, in the order in which findings are shown.
 */
final class Review
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new CoatsToCover,
            new BlotchyWash,
        ];
    }

    /** @return list<Finding> */
    public static function of(Plan $plan, Area $area, Strip $strip): array
    {
        $findings = [];
        foreach (self::rules() as $rule) {
            array_push($findings, ...$rule->check($plan, $area, $strip));
        }

        return $findings;
    }
}
