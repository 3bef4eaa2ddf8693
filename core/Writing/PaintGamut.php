<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;

/** How vivid pigments are at most, by hue and lightness: a tone beyond that is none that anybody can mix. */
final class PaintGamut
{
    /** Hue in degrees => lightness at which pigments of it are most vivid, and their chroma there, as single paints of strong pigment have them. */
    private const MOST = [
        0 => [45.0, 60.0], 30 => [42.0, 70.0], 55 => [62.0, 75.0], 75 => [71.0, 78.0], 92 => [82.0, 85.0], 115 => [72.0, 65.0], 145 => [52.0, 55.0],
        180 => [55.0, 42.0], 210 => [52.0, 38.0], 240 => [50.0, 40.0], 270 => [38.0, 50.0], 300 => [36.0, 48.0], 330 => [38.0, 55.0],
        360 => [45.0, 60.0],
    ];

    private const LIGHTEST = 98.0;

    /** Vividness falls a little slower than lightness toward black, and toward white. */
    private const TOWARD_BLACK = 0.9;

    private const TOWARD_WHITE = 0.85;

    /** The tone itself, or the most vivid one of its hue and lightness that paint has. */
    public static function within(Lab $tone): Lab
    {
        $polar = $tone->toLch();
        $most = self::chroma($polar->lightness, $polar->hue);

        return $polar->chroma <= $most ? $tone : Lch::of($polar->lightness, $most, $polar->hue)->toLab();
    }

    /** The most chroma there is. */
    public static function chroma(float $lightness, float $hue): float
    {
        $hues = array_keys(self::MOST);
        $after = 1;
        while ($hues[$after] < $hue && $after < count($hues) - 1) {
            $after++;
        }
        [$low, $high] = [$hues[$after - 1], $hues[$after]];
        $share = max(0.0, min(1.0, ($hue - $low) / ($high - $low)));
        [$peak, $chroma] = array_map(
            static fn(float $one, float $other): float => $one + $share * ($other - $one),
            self::MOST[$low],
            self::MOST[$high],
        );

        return $lightness <= $peak
            ? $chroma * max(0.0, $lightness / $peak) ** self::TOWARD_BLACK
            : $chroma * max(0.0, (self::LIGHTEST - $lightness) / (self::LIGHTEST - $peak)) ** self::TOWARD_WHITE;
    }
}
