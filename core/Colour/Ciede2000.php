<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * The CIEDE2000 colour difference, after Sharma, Wu and Dalal, "The CIEDE2000 Color-Difference Formula:
 * Implementation Notes, Supplementary Test Data, and Mathematical Observations" (2005), with all weights 1.
 */
final class Ciede2000
{
    /** No ΔE₀₀ is less than the difference in L* divided by this: the largest S_L, reached at L* 0 and 100. */
    public const LARGEST_LIGHTNESS_WEIGHT = 1.75;

    private const TWENTY_FIVE_TO_THE_SEVENTH = 6103515625.0;

    public static function between(Lab $one, Lab $other): float
    {
        return self::ofNumbers($one->lightness, $one->a, $one->b, $other->lightness, $other->a, $other->b);
    }

    /** The same for searches that weigh a million candidates and cannot afford an object for each. */
    public static function ofNumbers(float $l1, float $a1, float $b1, float $l2, float $a2, float $b2): float
    {
        $meanChroma7 = ((sqrt($a1 * $a1 + $b1 * $b1) + sqrt($a2 * $a2 + $b2 * $b2)) / 2) ** 7;
        $stretch = 1.5 - 0.5 * sqrt($meanChroma7 / ($meanChroma7 + self::TWENTY_FIVE_TO_THE_SEVENTH));
        $a1 *= $stretch;
        $a2 *= $stretch;
        $c1 = sqrt($a1 * $a1 + $b1 * $b1);
        $c2 = sqrt($a2 * $a2 + $b2 * $b2);
        $h1 = self::hue($a1, $b1);
        $h2 = self::hue($a2, $b2);

        $hueStep = 0.0;
        $meanHue = $h1 + $h2;
        if ($c1 * $c2 !== 0.0) {
            $hueStep = $h2 - $h1;
            $meanHue = ($h1 + $h2) / 2;
            if (abs($hueStep) > M_PI) {
                $hueStep += $hueStep > 0 ? -2 * M_PI : 2 * M_PI;
                $meanHue += $h1 + $h2 < 2 * M_PI ? M_PI : -M_PI;
            }
        }

        return self::combine($l2 - $l1, ($l1 + $l2) / 2, $c2 - $c1, ($c1 + $c2) / 2, 2 * sqrt($c1 * $c2) * sin($hueStep / 2), $meanHue);
    }

    private static function combine(float $dL, float $meanL, float $dC, float $meanC, float $dH, float $meanHue): float
    {
        $weight = 1 - 0.17 * cos($meanHue - M_PI / 6) + 0.24 * cos(2 * $meanHue)
            + 0.32 * cos(3 * $meanHue + M_PI / 30) - 0.20 * cos(4 * $meanHue - 63 * M_PI / 180);
        $offset = ($meanL - 50) ** 2;
        $dL /= 1 + 0.015 * $offset / sqrt(20 + $offset);
        $dC /= 1 + 0.045 * $meanC;
        $dH /= 1 + 0.015 * $meanC * $weight;
        $meanC7 = $meanC ** 7;
        $rotation = -2 * sqrt($meanC7 / ($meanC7 + self::TWENTY_FIVE_TO_THE_SEVENTH))
            * sin(M_PI / 3 * exp(-((($meanHue * 180 / M_PI - 275) / 25) ** 2)));

        return sqrt(max(0.0, $dL * $dL + $dC * $dC + $dH * $dH + $rotation * $dC * $dH));
    }

    private static function hue(float $a, float $b): float
    {
        if ($a === 0.0 && $b === 0.0) {
            return 0.0;
        }
        $hue = atan2($b, $a);

        return $hue < 0 ? $hue + 2 * M_PI : $hue;
    }
}
