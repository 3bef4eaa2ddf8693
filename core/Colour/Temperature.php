<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/** The warm or cool lean of a colour. */
enum Temperature: string
{
    case Warm = 'warm';
    case Neutral = 'neutral';
    case Cool = 'cool';

    /** Hue in degrees of CIELAB that painters call warmest: orange. Its complement, a greenish blue, is the coolest. */
    private const WARMEST_HUE = 60.0;

    /** Warmth in Lab units on either side of zero that nobody would call a lean. */
    private const SLIGHT = 3.0;

    public static function of(Lab $colour): self
    {
        $warmth = self::warmth($colour);

        return match (true) {
            $warmth > self::SLIGHT => self::Warm,
            $warmth < -self::SLIGHT => self::Cool,
            default => self::Neutral,
        };
    }

    /** How far the colour lies toward orange, in Lab units; negative toward blue. */
    public static function warmth(Lab $colour): float
    {
        $angle = deg2rad(self::WARMEST_HUE);

        return $colour->a * cos($angle) + $colour->b * sin($angle);
    }
}
