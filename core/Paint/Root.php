<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

/** Where a rising or falling function crosses zero, by the Illinois variant of false position. */
final class Root
{
    private const MAX_STEPS = 80;

    /**
     * The nearer end when the function does not cross zero between the two.
     *
     * @param callable(float): float $function
     */
    public static function between(callable $function, float $low, float $high, float $tolerance): float
    {
        $atLow = $function($low);
        $atHigh = $function($high);
        if ($atLow * $atHigh > 0) {
            return abs($atLow) < abs($atHigh) ? $low : $high;
        }
        $at = $low;
        for ($step = 0; $step < self::MAX_STEPS && $atLow !== $atHigh; $step++) {
            $at = ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            $value = $function($at);
            if (abs($value) < $tolerance) {
                break;
            }
            if ($value * $atHigh < 0) {
                [$low, $atLow] = [$high, $atHigh];
            } else {
                $atLow /= 2;
            }
            [$high, $atHigh] = [$at, $value];
        }

        return $at;
    }
}
