<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\SwatchSpectrum;

/**
 * In its bottle a transparent paint looks as deep as many coats of it over white do. By the law of Lambert and Beer one of so many coats
 * lets through the root of what all of them do, band by band.
 */
final class BottleColour
{
    /** Coats over white that look like the paint in its bottle. */
    private const COATS_DEEP = ['wash' => 8, 'ink' => 5, 'one-coat' => 5];

    /**
     * What a transparent of which only the bottle was seen looks like, one coat over white.
     *
     * @throws IllegalPaint when the kind covers: then bottle and swatch are one
     */
    public static function overWhite(Lab $inBottle, Kind $kind): Lab
    {
        $coats = self::COATS_DEEP[$kind->value] ?? throw IllegalPaint::notTransparent($kind);

        return Reflectance::of(array_map(
            static fn(float $seen): float => Skin::seen(Skin::within($seen) ** (1 / $coats)),
            SwatchSpectrum::of($inBottle)->reflectance->bands,
        ))->toLab();
    }
}
