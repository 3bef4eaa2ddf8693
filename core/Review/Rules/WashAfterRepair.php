<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Review\OrderRule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A wash dulls its neighbours: what was put right before has to be put right again. */
final class WashAfterRepair extends OrderRule
{
    protected function findings(Scene $scene, array $broken): iterable
    {
        [$one] = $broken;
        [$wash, $repaired] = [$one->first->area->name ?? '', $one->then->area->name ?? ''];

        return [$this->tooLate(
            $scene,
            $one,
            Severity::CostsTime,
            "This dulls $repaired again, which was touched up before.",
            sprintf(
                'A wash all over %s runs onto what it touches, and the touch-up of %s (step %d) comes before it (step %d).',
                $wash,
                $repaired,
                self::number($scene, $one->then),
                self::number($scene, $one->first),
            ),
            'Who keeps the wash well inside its area need not repair anything.',
            'The wash before the repair',
        )];
    }
}
