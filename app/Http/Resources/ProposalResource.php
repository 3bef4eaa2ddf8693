<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Exchange\StepWriter;
use Kalokroma\Recipe\Step;
use Kalokroma\Writing\Proposal;

/** A recipe as one school would write it, ready to be looked at and taken. */
final class ProposalResource
{
    /** @return array<string, mixed> */
    public static function of(Proposal $proposal): array
    {
        return [
            'school' => $proposal->school->value,
            'label' => $proposal->label(),
            'reason' => $proposal->reason(),
            'steps' => array_map(StepWriter::write(...), $proposal->area->steps),
            'told' => array_map(
                static fn(Step $step): array => [...self::step($step), 'reason' => $proposal->reasons[$step->id] ?? ''],
                $proposal->area->steps,
            ),
            'strip' => StripResource::of($proposal->strip, $proposal->area->importance),
            'missing' => array_map(PaintBrief::of(...), $proposal->missing),
            'unreached' => $proposal->unreached,
            'remarks' => $proposal->remarks,
            'minutes' => round($proposal->minutes(), 1),
            'pots' => $proposal->pots(),
        ];
    }

    /** @return array<string, mixed> a step as it is told in a line */
    public static function step(Step $step): array
    {
        return [
            'technique' => $step->technique->id,
            'label' => $step->technique->label,
            'words' => $step->words(),
            'coats' => $step->coats,
            'dilution' => $step->dilution->words(),
            'colour' => $step->mix === null || $step->mix->isClear() ? null : $step->mix->colour()->toSrgb()->hex(),
        ];
    }
}
