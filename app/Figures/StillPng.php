<?php

declare(strict_types=1);

namespace App\Figures;

use GdImage;
use Kalokroma\Relief\Still;
use RuntimeException;

/** Stills as a file that a browser shows: made smaller where they were drawn finer, beside each other, nothing behind them. */
final class StillPng
{
    /**
     * @param non-empty-list<Still> $stills
     * @param int $width of each in the picture
     * @param int $height of each in the picture
     */
    public static function of(array $stills, int $width, int $height): string
    {
        $whole = self::sheet(count($stills) * $width, $height);
        foreach ($stills as $at => $still) {
            $image = self::drawn($still);
            imagecopyresampled($whole, $image, $at * $width, 0, 0, 0, $width, $height, $still->width, $still->height);
        }
        ob_start();
        imagepng($whole);

        return (string) ob_get_clean();
    }

    private static function drawn(Still $still): GdImage
    {
        $image = self::sheet($still->width, $still->height);
        $nothing = (int) imagecolorallocatealpha($image, 0, 0, 0, 127);
        foreach ($still->points as $at => $rgb) {
            imagesetpixel($image, $at % $still->width, intdiv($at, $still->width), $rgb < 0 ? $nothing : $rgb);
        }

        return $image;
    }

    private static function sheet(int $width, int $height): GdImage
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height)) ?: throw new RuntimeException('No room for a picture.');
        imagealphablending($image, false);
        imagesavealpha($image, true);

        return $image;
    }
}
