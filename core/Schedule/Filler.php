<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;

/** What fits into the wait after a pass: passes of other areas that nothing of it ties down, and that can be done to the whole batch meanwhile. */
final class Filler
{
    private const MOST = 3;

    /**
     * @param float $minutes there are
     * @param int $models in the batch
     *
     * @return list<Pass> in the running order
     */
    public static function of(Rehearsal $rehearsal, Pass $after, float $minutes, int $models): array
    {
        $fits = [];
        $pace = Pace::of($rehearsal->plan);
        foreach ($rehearsal->order()->passes as $pass) {
            $takes = $pace->pass($pass->step->inCoats(1), $pass->area, $models);
            if (
                $after->area === null
                || $pass->area === null
                || $pass->area === $after->area
                || $pass->number <= $after->number
                || $takes > $minutes
                || ! self::isNext($rehearsal, $pass, $after)
            ) {
                continue;
            }
            $fits[] = $pass;
            $minutes -= $takes;
            if (count($fits) === self::MOST) {
                break;
            }
        }

        return $fits;
    }

    /** All that comes before it on its area comes before the wait too. */
    private static function isNext(Rehearsal $rehearsal, Pass $pass, Pass $after): bool
    {
        return array_all(
            $pass->area === null ? [] : $rehearsal->run($pass->area),
            static fn(Pass $other): bool => ! ($other->number > $after->number && $other->number < $pass->number),
        );
    }
}
