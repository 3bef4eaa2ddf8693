<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Reflectance;

/**
 * The upper face of a dried film, where light is thrown back into it before it gets out (Saunderson, "Calculation of the color of pigmented
 * plastics", 1942). What is *seen* lies above the skin, what a film does lies *within*.
 *
 * The share that is lost on the way in is the same for every paint and is left to the light, so that white stays white:
 * seen = (1 − k₂)·within / (1 − k₂·within).
 */
final class Skin
{
    /** k₂: share of diffuse light thrown back at the inner face of a film with an index of refraction of 1.5. */
    public const INNER = 0.6;

    /** A dark surface is nearly all skin, but never quite. */
    private const MOST_OF_WHAT_IS_SEEN = 0.97;

    public static function seen(float $within): float
    {
        return (1 - self::INNER) * $within / (1 - self::INNER * $within);
    }

    public static function within(float $seen): float
    {
        return $seen / (1 - self::INNER + self::INNER * $seen);
    }

    /**
     * Lays a transparent film on a surface: it tints what lies below the surface's skin, and its own skin takes that one's place. What of a matt
     * black is skin no wash can darken.
     *
     * @param float $white reflectance that the skin of the ground adds
     */
    public static function tinted(Optics $film, float $coats, Reflectance $ground, float $white): Reflectance
    {
        $skin = array_map(static fn(float $band): float => min($white, self::MOST_OF_WHAT_IS_SEEN * $band), $ground->bands);
        $below = array_map(static fn(float $band, float $white): float => ($band - $white) / (1 - $white), $ground->bands, $skin);
        $tinted = $film->over(Reflectance::of($below), $coats);

        return Reflectance::of(array_map(static fn(float $band, float $white): float => $white + (1 - $white) * $band, $tinted->bands, $skin));
    }

    /**
     * A swatch shows a paint with the finish it has. Under another, a matt skin adds a little white of its own, which a glossy one throws
     * elsewhere.
     *
     * @param float $white reflectance that the skin on top adds more than the paint's own, negative when it adds less
     */
    public static function under(Reflectance $seen, float $white): Reflectance
    {
        if ($white === 0.0) {
            return $seen;
        }

        return Reflectance::of(array_map(
            // No skin takes away more than is there: the darker the film, the less of its light is the skin's.
            static fn(float $band): float => $white > 0.0 ? $band + $white * (1 - $band) : $band * $band / ($band - $white * (1 - $band)),
            $seen->bands,
        ));
    }
}
