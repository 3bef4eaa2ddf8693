<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Kalokroma\Colour\Srgb;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;

/** A picture such as a painter takes: a grey card and a painted swatch on a desk, under a warm lamp, with the camera's noise. */
final class SwatchPhoto
{
    /** What is painted on the swatch. */
    public const SWATCH = '#2f7f86';

    private const LAMP = [1.25, 0.95, 0.6];

    private const WIDTH = 1200;

    private const HEIGHT = 800;

    public static function path(): string
    {
        $path = sys_get_temp_dir().'/kalokroma-swatch.png';
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT) ?: throw new RuntimeException('No picture can be made.');
        $random = new Randomizer(new Mt19937(11));
        $swatch = Srgb::parse(self::SWATCH);
        $surfaces = [
            [[0, 0, self::WIDTH, self::HEIGHT], [0.32, 0.26, 0.2]],
            [[70, 90, 380, 620], [0.18, 0.18, 0.18]],
            [[620, 110, 500, 580], [0.82, 0.82, 0.8]],
            [[660, 140, 420, 520], array_map(Srgb::decode(...), [$swatch->red, $swatch->green, $swatch->blue])],
        ];
        foreach ($surfaces as [[$left, $top, $width, $height], $reflected]) {
            for ($x = $left; $x < $left + $width; $x += 4) {
                for ($y = $top; $y < $top + $height; $y += 4) {
                    $fall = 1.0 - 0.08 * hypot($x - self::WIDTH / 2, $y - self::HEIGHT / 2) / self::WIDTH;
                    $colour = 0;
                    foreach ($reflected as $i => $share) {
                        $level = (int) round(255 * Srgb::encode(min(1.0, $share * self::LAMP[$i] * $fall))) + $random->getInt(-4, 4);
                        $colour = $colour << 8 | max(0, min(250, $level));
                    }
                    imagefilledrectangle($image, $x, $y, $x + 3, $y + 3, $colour);
                }
            }
        }
        imagepng($image, $path);

        return $path;
    }
}
