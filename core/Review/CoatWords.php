<?php

declare(strict_types=1);

namespace Kalokroma\Review;

/** "three coats" */
final class CoatWords
{
    private const WORDS = [1 => 'one coat', 'two coats', 'three coats', 'four coats', 'five coats', 'six coats'];

    public static function of(int $coats): string
    {
        return self::WORDS[$coats] ?? "$coats coats";
    }
}
