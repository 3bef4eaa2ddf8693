<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Closeness;
use Kalokroma\Matching\ClearStandIn;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\SwapPaint;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A paint that is not on the shelf, and nothing there that does its job. */
final class PaintMissing extends Rule
{
    /** ΔE₀₀ within which a paint stands in for another. */
    private const TOLERANCE = 4.0;

    public function check(Scene $scene): iterable
    {
        $shelf = $scene->shelf;
        if ($shelf === null) {
            return;
        }
        $told = [];
        foreach ($scene->order()->passes as $pass) {
            foreach ($pass->step->more->optional ? [] : $pass->step->paints() as $paint) {
                if (isset($told[$paint->id]) || $shelf->has($paint)) {
                    continue;
                }
                if ($paint->isClear() && ClearStandIn::for($paint, array_values($shelf->owned())) !== null) {
                    continue;
                }
                $nearest = $shelf->nearestAlike($paint);
                $off = $nearest === null ? INF : Ciede2000::between($nearest->colour(), $paint->colour());
                if ($off > self::TOLERANCE) {
                    $told[$paint->id] = true;
                    yield $this->finding($pass, $paint, $nearest, $off);
                }
            }
        }
    }

    private function finding(Pass $pass, Paint $paint, ?Paint $nearest, float $off): Finding
    {
        return $this->found(
            Severity::CostsTime,
            $pass->area?->id,
            $pass->step->id,
            "{$paint->name} is not on the shelf.",
            $nearest === null
                ? sprintf('Nothing of the kind "%s" is owned.', $paint->kind->label())
                : sprintf(
                    'The nearest of its kind is %s, and that is %s: %.1f off, where %.0f would do.',
                    $nearest->name,
                    Closeness::ofDifference($off)->words(),
                    $off,
                    self::TOLERANCE,
                ),
            'Another colour of the same value often does as well.',
            $nearest === null || $pass->isUndercoat ? [] : [new Mend("Make do with {$nearest->name}", new SwapPaint($paint, $nearest))],
        );
    }
}
