<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Planning\Customs\BehindFirst;
use Kalokroma\Planning\Pass;
use Kalokroma\Review\OrderRule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** What lies behind something is painted before it. */
final class HardToReach extends OrderRule
{
    protected function findings(Scene $scene, array $broken): iterable
    {
        foreach ($broken as $one) {
            [$area, $blocker] = [$one->first->area, $one->then->area];
            $from = self::number($scene, $one->then);
            $late = $area === null
                ? null
                : array_find($scene->own($area), static fn(Pass $pass): bool => $pass->number > $from && BehindFirst::needsRoom($pass));
            if ($area !== null && $blocker !== null && $late !== null) {
                yield $this->found(
                    Severity::CostsTime,
                    $area->id,
                    $late->step->id,
                    "{$blocker->name} is in the way by now.",
                    sprintf(
                        '%s lies behind %s, which is painted from step %d on; "%s" comes in step %d.',
                        $area->name,
                        $blocker->name,
                        $from,
                        $late->step->technique->label,
                        $late->number,
                    ),
                    'With a long thin brush some reach it all the same, and touch up what they brushed against.',
                    [$this->before($scene, "Before {$blocker->name}", $one)],
                );
            }
        }
    }
}
