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

    /**
     * The same colour leaning so much more to orange, or, when negative, to blue: a colour turns its hue, and never past the warmest or coolest, a
     * grey takes on a tint.
     *
     * @param float $by in Lab units
     * @param float $mostTurn degrees by which the hue of a colour may turn
     */
    public static function leant(Lab $colour, float $by, float $mostTurn = 20.0): Lab
    {
        if ($by === 0.0) {
            return $colour;
        }
        $polar = $colour->toLch();
        $pole = $by > 0.0 ? self::WARMEST_HUE : self::WARMEST_HUE + 180.0;
        $way = fmod($pole - $polar->hue + 540.0, 360.0) - 180.0;
        $turn = $polar->chroma < abs($by) ? 0.0 : min(abs($way), $mostTurn, rad2deg(abs($by) / $polar->chroma));
        $turned = Lch::of($colour->lightness, $polar->chroma, fmod($polar->hue + ($way < 0.0 ? -$turn : $turn) + 360.0, 360.0))->toLab();
        // What turning does not bring, near the pole and near grey, is added.
        $lacking = max(0.0, abs($by) - abs(self::warmth($turned) - self::warmth($colour)));
        $angle = deg2rad($pole);

        return Lab::of($turned->lightness, $turned->a + $lacking * cos($angle), $turned->b + $lacking * sin($angle));
    }
}
