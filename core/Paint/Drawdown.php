<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Lab;

/**
 * One even coat drawn over the black and the white half of a card: what shows through is what the paint does not hide (ISO 6504-3).
 */
final class Drawdown
{
    /** A dark paint reads this much lighter over black by noise alone. */
    private const NOISE = 1.03;

    private const LEAST_LUMINANCE = 0.003;

    /** @throws IllegalPaint when the readings cannot be of one film */
    public static function opacity(Lab $overBlack, Lab $overWhite): Opacity
    {
        $black = $overBlack->toXyz()->y;
        $white = $overWhite->toXyz()->y;
        if ($white < self::LEAST_LUMINANCE) {
            throw IllegalPaint::blackDrawdown();
        }
        if ($black > self::NOISE * $white) {
            throw IllegalPaint::drawdown($overBlack->lightness, $overWhite->lightness);
        }

        return Opacity::of(min(1.0, $black / $white));
    }
}
