<?php

declare(strict_types=1);

namespace App\Figures;

use GdImage;
use Kalokroma\Relief\Still;
use RuntimeException;

/** Stills as a file that a browser shows: beside each other, nothing behind them. */
final class StillPng
{
    private const NOTHING = 127 << 24;

    /** @param non-empty-list<Still> $stills of one size */
    public static function of(array $stills): string
    {
        [$width, $height] = [$stills[0]->width, $stills[0]->height];
        $image = self::sheet(count($stills) * $width, $height);
        foreach ($stills as $at => $still) {
            foreach ($still->points as $place => $colour) {
                imagesetpixel($image, $at * $width + $place % $width, intdiv($place, $width), $colour < 0 ? self::NOTHING : $colour);
            }
        }
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    private static function sheet(int $width, int $height): GdImage
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height)) ?: throw new RuntimeException('No room for a picture.');
        imagealphablending($image, false);
        imagesavealpha($image, true);

        return $image;
    }
}
