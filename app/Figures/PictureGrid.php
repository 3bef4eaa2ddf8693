<?php

declare(strict_types=1);

namespace App\Figures;

use App\Photos\PhotoStore;
use App\Support\Field;
use GdImage;
use Kalokroma\Colour\Srgb;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Relief\Picture;

/** Turns a picture's file into the grid of colours a figure is made of. */
final class PictureGrid
{
    /** @throws Faulty when it is no picture we read */
    public static function of(string $file): Picture
    {
        $image = app(PhotoStore::class)->read($file);
        $scale = min(1.0, sqrt(Picture::MOST_POINTS / ($image->width() * $image->height())));
        $width = max(1, (int) floor($image->width() * $scale));
        $height = max(1, (int) floor($image->height() * $scale));
        $gd = $image->resize($width, $height)->core()->native();
        assert($gd instanceof GdImage);
        $colours = [];
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $rgb = (int) imagecolorat($gd, $x, $y);
                $lab = Srgb::of((($rgb >> 16) & 255) / 255, (($rgb >> 8) & 255) / 255, ($rgb & 255) / 255)->toLab();
                $colours[] = [$lab->lightness, $lab->a, $lab->b];
            }
        }

        return Field::read('photo', static fn(): Picture => Picture::of($width, $colours));
    }
}
