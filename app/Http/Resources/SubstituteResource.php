<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Exchange\StepWriter;
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
            'offers' => array_map(
                static fn(array $offer): array => self::offer($found, ...$offer),
                $found->offers,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function offer(StandIns $found, Substitute $substitute, Strip $strip): array
    {
        $dilution = $substitute->dilutionFor($found->step->dilution);
        $changed = StepWriter::write($found->step->with($substitute->mix, $dilution));

        return [
            'way' => $substitute->way->value,
            'mix' => MixResource::of($substitute->mix),
            'dilution' => $substitute->strength === 1.0 ? null : $dilution->words(),
            'colour' => ColourResource::of($substitute->colour),
            'difference' => round($substitute->difference->number, 2),
            'words' => $substitute->difference->words(),
            'reason' => $substitute->reason(),
            'strip' => StripResource::of($strip, $found->area->importance),
            'finalDifference' => round($strip->final()->differenceTo($found->asPlanned->final()), 2),
            'changes' => ['mix' => $changed['mix'], 'dilution' => $changed['dilution']],
        ];
    }
}
