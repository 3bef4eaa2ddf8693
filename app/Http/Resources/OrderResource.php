<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Setting;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Stop;

/** The running order, with what stands between its passes. */
final class OrderResource
{
    /** @return list<array<string, mixed>> */
    public static function passes(Rehearsal $rehearsal): array
    {
        $locked = array_flip($rehearsal->plan->running->locked);
        $pace = Pace::of($rehearsal->plan);

        return array_map(static fn(Pass $pass): array => [
            'number' => $pass->number,
            'areaId' => $pass->area?->id,
            'stepId' => $pass->step->id,
            'isUndercoat' => $pass->isUndercoat,
            'isLocked' => isset($locked[$pass->step->id]),
            'joinsLast' => $pass->joinsLast,
            'restMinutes' => $rehearsal->restBefore($pass),
            'dryMinutes' => $rehearsal->dryMinutes($pass),
            'minutesPerModel' => round($pace->step($pass->step, $pass->area), 1),
            'reasons' => $pass->reasons,
        ], $rehearsal->order()->passes);
    }

    /** @return list<array<string, mixed>> */
    public static function stops(Rehearsal $rehearsal): array
    {
        return array_map(
            static fn(Stop $stop): array => [
                'name' => $stop->name,
                'after' => $stop->after,
                'afterPass' => $rehearsal->order()->afterPass($stop),
                'minutesPerModel' => round($rehearsal->minutesUntil($stop, Setting::paces()), 0),
            ],
            $rehearsal->plan->running->stops,
        );
    }
}
