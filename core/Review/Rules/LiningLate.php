<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Review\OrderRule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A dark line is drawn before the lights beside it, which cover its slips. */
final class LiningLate extends OrderRule
{
    protected function findings(Scene $scene, array $broken): iterable
    {
        foreach (self::onceEach($broken) as $one) {
            yield $this->tooLate(
                $scene,
                $one,
                Severity::CostsTime,
                'The line comes after the lights beside it.',
                sprintf(
                    '%s has its %s in step %d; a slip of the dark line in step %d spoils it.',
                    $one->then->area->name ?? '',
                    mb_strtolower($one->then->step->technique->label),
                    self::number($scene, $one->then),
                    self::number($scene, $one->first),
                ),
                'A steady hand lines last, and touches up what slipped.',
                'Line first',
            );
        }
    }
}
