<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Temperature;

/** Why a tone stands where it stands, told by what was really taken for it. */
final class Reason
{
    /** Chroma below which nobody sees which way a colour leans. */
    private const SEEN = 7.0;

    /** Degrees off its way that still count as staying on it, and within which it has arrived. */
    private const STRAIGHT = 2.0;

    private const ARRIVED = 12.0;

    /** Lab units of warmth that are worth a word. */
    private const WORTH_SAYING = 4.0;

    /**
     * @param Lab $taken what the mix looks like
     * @param Lab|null $from the tone it is lit or shaded from; null when it is the first
     */
    public static function of(Rung $rung, Lab $taken, ?Lab $from): string
    {
        return sprintf(
            '%s: %s.',
            ucfirst($rung->name),
            $from === null || self::holds($rung, $taken, $from) ? $rung->reason : self::numbers($taken, $from),
        );
    }

    /** What is said of the rung is true of what was taken. */
    private static function holds(Rung $rung, Lab $taken, Lab $from): bool
    {
        if ($rung->toward === null) {
            return true;
        }
        $off = self::off($taken, $rung->toward);

        return $taken->toLch()->chroma >= self::SEEN && ($off <= self::ARRIVED || $off <= self::off($from, $rung->toward) - self::STRAIGHT);
    }

    /** "19 values lighter, and warmer" */
    public static function numbers(Lab $taken, Lab $from): string
    {
        $values = (int) round($taken->lightness - $from->lightness);
        $warmth = Temperature::warmth($taken) - Temperature::warmth($from);

        return sprintf('%d %s %s', abs($values), abs($values) === 1 ? 'value' : 'values', $values >= 0 ? 'lighter' : 'darker')
            .(abs($warmth) < self::WORTH_SAYING ? '' : ($warmth > 0.0 ? ', and warmer' : ', and cooler'))
            .', the nearest that is at hand';
    }

    private static function off(Lab $colour, float $hue): float
    {
        $turn = abs($colour->toLch()->hue - $hue);

        return min($turn, 360.0 - $turn);
    }
}
