<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Kalokroma\Colour\Lab;

/** In which direction a model differs a touch from its neighbours. */
enum Toward: string
{
    case Warmer = 'warmer';
    case Cooler = 'cooler';
    case Lighter = 'lighter';
    case Darker = 'darker';

    /** Orange, the warmest of hues. */
    private const WARMEST_DEGREES = 60.0;

    /** How far one colour is from another in this direction, in units of L*a*b*; less than 0 the other way. */
    public function far(Lab $from, Lab $to): float
    {
        $angle = deg2rad(self::WARMEST_DEGREES);
        $warmer = cos($angle) * ($to->a - $from->a) + sin($angle) * ($to->b - $from->b);
        $lighter = $to->lightness - $from->lightness;

        return match ($this) {
            self::Warmer => $warmer,
            self::Cooler => -$warmer,
            self::Lighter => $lighter,
            self::Darker => -$lighter,
        };
    }
}
