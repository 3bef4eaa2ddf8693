<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Review\OrderRule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Eyes come before the lights of the face, which cover their slips. */
final class EyesAfterFace extends OrderRule
{
    protected function findings(Scene $scene, array $broken): iterable
    {
        [$one] = $broken;

        return [$this->tooLate(
            $scene,
            $one,
            Severity::CostsTime,
            'The eyes come after the face is finished.',
            sprintf(
                '%s is lit in step %d; a slip at the eyes in step %d lands on finished skin.',
                $one->then->area->name ?? '',
                self::number($scene, $one->then),
                self::number($scene, $one->first),
            ),
            'Some leave the eyes for last and touch up the lids.',
            'Eyes first',
        )];
    }
}
