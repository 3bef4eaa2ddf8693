<?php

declare(strict_types=1);

namespace App\Photos;

use App\Models\Photo;
use App\Support\Field;
use GdImage;
use Kalokroma\Colour\GreyCard;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Readings;
use Kalokroma\Colour\Srgb;
use Kalokroma\Exchange\Faulty;

/**
 * Reads the colours of marked swatches in a picture, by the grey card beside them.
 */
final readonly class PhotoReading
{
    /** Pixels looked at in one mark; more make no difference. */
    private const PIXELS = 4000;

    /** A mark smaller than this holds too few pixels to average. */
    private const LEAST_PIXELS = 16;

    /** Half the side of the square that is looked at around a point: as a share of the picture's longer side, and in pixels at least. */
    private const SPOT = 0.012;

    private const LEAST_SPOT = 2.5;

    private const CLIPPED = 0.985;

    private const MOST_CLIPPED = 0.1;

    /**
     * @param list<array{what: string, x: float, y: float, width: float, height: float}> $marks as shares of the picture's sides
     *
     * @return list<Readings> one for each swatch, in order
     *
     * @throws Faulty when the marks or the card are of no use
     */
    public static function of(Photo $photo, array $marks): array
    {
        $image = imagecreatefromstring($photo->png);
        if ($image === false) {
            throw Faulty::field('photo', 'This picture is damaged. Take it in anew.');
        }
        $cards = array_values(array_filter($marks, static fn(array $mark): bool => $mark['what'] === 'grey'));
        if (count($cards) !== 1) {
            throw Faulty::field(
                'marks',
                $cards === []
                    ? 'Mark the grey card too: without it nobody knows what light fell on the swatch.'
                    : 'Two grey cards are marked. Mark one: the one that lies nearest to the swatch.',
            );
        }
        $card = Field::read('marks', static fn(): GreyCard => GreyCard::of(self::pixels($image, $cards[0])));
        $readings = [];
        foreach ($marks as $mark) {
            if ($mark['what'] === 'swatch') {
                $readings[] = self::swatch(self::pixels($image, $mark), $card);
            }
        }

        return $readings === [] ? throw Faulty::field('marks', 'Mark at least one swatch.') : $readings;
    }

    /**
     * What a place of a picture looks like, in the light it was taken or painted in: nobody asks a picture of a goal for a grey card.
     *
     * @param float $x share of the width
     * @param float $y share of the height
     *
     * @throws Faulty when the picture is damaged
     */
    public static function lookAt(Photo $photo, float $x, float $y): Lab
    {
        $image = imagecreatefromstring($photo->png);
        if ($image === false) {
            throw Faulty::field('photo', 'This picture is damaged. Take it in anew.');
        }
        $half = max(self::LEAST_SPOT, self::SPOT * max(imagesx($image), imagesy($image)));
        [$halfX, $halfY] = [$half / imagesx($image), $half / imagesy($image)];
        $pixels = self::pixels(
            $image,
            [
                'what' => 'swatch',
                'x' => max(0.0, min(1.0 - 2 * $halfX, $x - $halfX)),
                'y' => max(0.0, min(1.0 - 2 * $halfY, $y - $halfY)),
                'width' => 2 * $halfX,
                'height' => 2 * $halfY,
            ],
        );

        return Readings::of(array_map(static fn(array $pixel): Lab => Srgb::of(...$pixel)->toLab(), $pixels))->colour;
    }

    /** @param list<array{float, float, float}> $pixels */
    private static function swatch(array $pixels, GreyCard $card): Readings
    {
        $clipped = count(array_filter($pixels, static fn(array $pixel): bool => max($pixel) >= self::CLIPPED));
        if ($clipped > self::MOST_CLIPPED * count($pixels)) {
            throw Faulty::field('marks', 'A swatch is overexposed: part of its colour is lost. Take the picture again with less light.');
        }

        return Readings::of(array_map(static fn(array $pixel): Lab => $card->correct($pixel), $pixels));
    }

    /**
     * @param array{what: string, x: float, y: float, width: float, height: float} $mark
     *
     * @return list<array{float, float, float}> gamma-encoded sRGB 0…1
     */
    private static function pixels(GdImage $image, array $mark): array
    {
        $left = (int) floor($mark['x'] * imagesx($image));
        $top = (int) floor($mark['y'] * imagesy($image));
        $width = min(imagesx($image) - $left, (int) ceil($mark['width'] * imagesx($image)));
        $height = min(imagesy($image) - $top, (int) ceil($mark['height'] * imagesy($image)));
        if ($width < 1 || $height < 1 || $width * $height < self::LEAST_PIXELS) {
            throw Faulty::field('marks', 'A mark is too small. Draw it over most of the swatch or card.');
        }
        $step = max(1, (int) floor(sqrt($width * $height / self::PIXELS)));
        $pixels = [];
        for ($y = $top; $y < $top + $height; $y += $step) {
            for ($x = $left; $x < $left + $width; $x += $step) {
                $colour = imagecolorsforindex($image, (int) imagecolorat($image, $x, $y));
                $pixels[] = [$colour['red'] / 255, $colour['green'] / 255, $colour['blue'] / 255];
            }
        }

        return $pixels;
    }
}
