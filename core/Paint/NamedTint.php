<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\SwatchSpectrum;

/**
 * What one coat of a transparent that is only known by the name of its colour looks like over white: the colour's own pigment spread so thin that
 * white shows through, as deep as such paints are sold.
 */
final class NamedTint
{
    /** Of the way from white to the colour's own lightness, one coat goes so far. */
    private const DEEP = ['wash' => 0.57, 'ink' => 0.72, 'one-coat' => 0.66];

    /** Scattering of so thin a film, per standard coat. */
    private const HAZE = 0.02;

    /** A wash is blended of several pigments: what one band absorbs more than another is less apart than in the pure colour. */
    private const BLENDED = 0.7;

    private const WHITE = 100.0;

    /**
     * @param Lab $named the colour as the word says it, a masstone
     *
     * @throws IllegalPaint when the kind covers: then the swatch is the colour itself
     */
    public static function overWhite(Lab $named, Kind $kind): Lab
    {
        $deep = self::DEEP[$kind->value] ?? throw IllegalPaint::notTransparent($kind);
        $pigment = Optics::opaque(SwatchSpectrum::of($named)->reflectance, UsualOpacity::of($named))->absorption;
        $coat = static fn(float $log): Lab => Optics::of(
            array_map(static fn(float $absorbed): float => $absorbed ** self::BLENDED * exp($log), $pigment),
            array_fill(0, count($pigment), self::HAZE),
        )->over(Reflectance::flat(1.0), 1.0)->toLab();
        $aim = self::WHITE - $deep * (self::WHITE - $named->lightness);

        return $coat(Root::between(static fn(float $log): float => $aim - $coat($log)->lightness, log(1e-4), log(1e2), 1e-6));
    }
}
