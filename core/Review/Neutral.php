<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Colour\Lab;

/** What a painter calls grey, white and black. */
final class Neutral
{
    /** Chroma below which a tone has no hue to speak of. */
    public const GREY = 8.0;

    /** Chroma that a white, or a black, may have and still be called so. */
    public const WHITE = 12.0;

    /** L* of a white in its lights. */
    public const WHITE_ABOVE = 80.0;

    /** L* of a black in its lights. */
    public const BLACK_BELOW = 28.0;

    public static function isWhite(Lab $light): bool
    {
        return $light->lightness > self::WHITE_ABOVE && $light->toLch()->chroma < self::WHITE;
    }

    public static function isBlack(Lab $light): bool
    {
        return $light->lightness < self::BLACK_BELOW && $light->toLch()->chroma < self::WHITE;
    }
}
