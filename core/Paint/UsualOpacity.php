<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;

/**
 * How well pigments of a colour usually hide, from a table of known colours. Between them the answer goes over evenly, so that two swatches
 * that look alike never hide differently.
 */
final class UsualOpacity
{
    /** Hex of a usual swatch => contrast ratio of one undiluted coat: what painters find, lower than what they say. */
    private const KNOWN = [
        // black, dark greys and greys
        '#141414' => 0.96, '#3b3c3e' => 0.93, '#6c6e70' => 0.88, '#9c9e9f' => 0.80, '#c4c6c6' => 0.72,
        // white, off-white, bone
        '#f4f4f0' => 0.66, '#ece6d6' => 0.62, '#d9cba6' => 0.66,
        // earths, leathers, tans
        '#3a2418' => 0.94, '#5a3a22' => 0.92, '#7a4a28' => 0.88, '#8a5a34' => 0.84, '#a8825a' => 0.75, '#c0a070' => 0.72, '#a06a2c' => 0.74,
        // flesh, pinks
        '#c58f70' => 0.64, '#e0b79a' => 0.62, '#d98a8a' => 0.60, '#e6b7b0' => 0.60,
        // reds
        '#6a1c1c' => 0.76, '#9e1f24' => 0.62, '#b8202a' => 0.60, '#d23a2a' => 0.56,
        // oranges
        '#d9681c' => 0.50, '#e8832a' => 0.48, '#eba45a' => 0.48,
        // yellows
        '#e0ac1c' => 0.36, '#f2c521' => 0.35, '#fbd034' => 0.34, '#f3e27a' => 0.40, '#b08a20' => 0.55,
        // greens and olives
        '#1e3f2e' => 0.82, '#2f5a38' => 0.79, '#4f6b34' => 0.78, '#5f8a45' => 0.72, '#8fb04a' => 0.58, '#b9c795' => 0.66,
        // turquoises and blues
        '#2f7f86' => 0.74, '#5fb0ac' => 0.68, '#1c2f5a' => 0.82, '#24508c' => 0.78, '#3f74b8' => 0.72, '#8fb0d0' => 0.66,
        // violets, magentas
        '#3f2450' => 0.80, '#6a3f7a' => 0.72, '#9a6fae' => 0.64, '#a8306a' => 0.60,
    ];

    /** Lab units over which a known colour speaks for its neighbours. */
    private const REACH = 11.0;

    /** @var list<array{Lab, float}>|null colour and log odds of its opacity */
    private static ?array $known = null;

    /** Contrast ratio of one standard coat, 0…1. */
    public static function of(Lab $swatch): float
    {
        self::$known ??= array_map(
            static fn(string $hex, float $opacity): array => [Srgb::parse($hex)->toLab(), log($opacity / (1 - $opacity))],
            array_keys(self::KNOWN),
            self::KNOWN,
        );
        $sum = $weights = 0.0;
        foreach (self::$known as [$colour, $odds]) {
            $distance = ($swatch->lightness - $colour->lightness) ** 2 + ($swatch->a - $colour->a) ** 2 + ($swatch->b - $colour->b) ** 2;
            // Falls off as a bell close by and as a power far away, where no known colour is near and all have a say.
            $weight = (1 + $distance / (2 * self::REACH ** 2)) ** -4;
            $sum += $weight * $odds;
            $weights += $weight;
        }

        return 1 / (1 + exp(-$sum / $weights));
    }
}
