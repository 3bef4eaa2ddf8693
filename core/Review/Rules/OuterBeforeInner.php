<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Review\OrderRule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Inner before outer is the easier way. */
final class OuterBeforeInner extends OrderRule
{
    protected function findings(Scene $scene, array $broken): iterable
    {
        [$one] = $broken;
        [$inner, $outer] = [$one->first->area->name ?? '', $one->then->area->name ?? ''];

        return [$this->tooLate(
            $scene,
            $one,
            Severity::Taste,
            "$outer was based before $inner under it.",
            sprintf(
                '%s lies over %s; based in step %d, before step %d, it gets what slips.',
                $outer,
                $inner,
                self::number($scene, $one->then),
                self::number($scene, $one->first),
            ),
            'Many paint cloak and armour first and the skin last, framed by its own shade.',
            'The inner one first',
        )];
    }
}
