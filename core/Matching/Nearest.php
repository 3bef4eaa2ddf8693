<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Paint\Paint;

/** Which paint comes nearest to a colour. Whoever needs but one need not measure those whose lightness alone is too far off, nor sort the shelf. */
final class Nearest
{
    /**
     * By ΔE₀₀; of two that are as near, the one whose id comes first.
     *
     * @param iterable<Paint> $paints clear ones are passed over
     * @param (callable(Paint): bool)|null $such what it has to be; null when any will do
     */
    public static function to(Lab $colour, iterable $paints, ?callable $such = null): ?Paint
    {
        $nearest = null;
        $least = INF;
        foreach ($paints as $paint) {
            if (
                $paint->swatch === null
                || abs($paint->swatch->lightness - $colour->lightness) > Ciede2000::LARGEST_LIGHTNESS_WEIGHT * $least
                || ($such !== null && ! $such($paint))
            ) {
                continue;
            }
            $off = Ciede2000::between($paint->swatch, $colour);
            if ($nearest === null || $off < $least || ($off === $least && $paint->id < $nearest->id)) {
                [$nearest, $least] = [$paint, $off];
            }
        }

        return $nearest;
    }
}
