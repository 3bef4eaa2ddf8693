<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Paint\Paint;

/** Which paints would be really new on a shelf: nothing owned that behaves alike looks like them. */
final class Novelty
{
    /** ΔE₀₀ up to which a paint adds nothing. */
    public const SAME_COLOUR = 4.0;

    /**
     * @param list<Paint> $paints
     * @param list<Paint> $owned
     *
     * @return list<Paint> no two of them alike
     */
    public static function among(array $paints, array $owned): array
    {
        $new = [];
        foreach ($paints as $paint) {
            if (! self::isMatched($paint, $owned) && ! self::isMatched($paint, $new)) {
                $new[] = $paint;
            }
        }

        return $new;
    }

    /** @param list<Paint> $by */
    private static function isMatched(Paint $paint, array $by): bool
    {
        return array_any(
            $by,
            static fn(Paint $one): bool => Compatibility::mayReplace($paint, $one)
                && ($paint->isClear() || Ciede2000::between($paint->colour(), $one->colour()) <= self::SAME_COLOUR),
        );
    }
}
