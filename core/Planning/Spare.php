<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Nature;

/**
 * What may go where time is short, the least missed first: optional steps, then the last lights; the shade stays, it is what makes a model
 * readable.
 */
final class Spare
{
    /**
     * @param list<Pass> $passes in painting order
     *
     * @return list<Pass>
     */
    public static function of(array $passes): array
    {
        $optional = array_filter($passes, static fn(Pass $pass): bool => $pass->step->more->optional);
        $last = array_filter($passes, static fn(Pass $pass): bool => ! $pass->step->more->optional && self::isLastLight($pass));

        return [...array_reverse(array_values($optional)), ...array_reverse(array_values($last))];
    }

    private static function isLastLight(Pass $pass): bool
    {
        return $pass->area !== null && $pass->step->technique->does(Nature::Lightens);
    }
}
