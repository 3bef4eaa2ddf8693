<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Matching\Substitute;
use Kalokroma\Planning\StandIns;
use Kalokroma\Simulation\Strip;

final class SubstituteResource
{
    /** @return array<string, mixed> */
    public static function of(StandIns $found): array
    {
        return [
            'stepId' => $found->step->id,
            'areaId' => $found->area->id,
            'wanted' => $found->step->mix === null ? null : MixResource::of($found->step->mix),
            'asPlanned' => StripResource::of($found->asPlanned, $found->area->importance),
            'offers' => array_map(static fn(array $offer): array => self::offer($found, ...$offer), $found->offers),
        ];
    }

    /** @return array<string, mixed> */
    private static function offer(StandIns $found, Substitute $substitute, Strip $strip): array
    {
        return [
            ...StandInResource::of($substitute, [$found->step]),
            'strip' => StripResource::of($strip, $found->area->importance),
            'changes' => StandInResource::change($substitute, $found->step),
            'finalDifference' => round($strip->final()->differenceTo($found->asPlanned->final()), 2),
        ];
    }
}
