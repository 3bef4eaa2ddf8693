<?php

declare(strict_types=1);

namespace Kalokroma\Review;

/** A span of time as one says it. */
final class Span
{
    /** "45 minutes", "4 hours", "a day" */
    public static function words(int $minutes): string
    {
        return match (true) {
            $minutes < 90 => "$minutes minutes",
            $minutes === 1440 => 'a day',
            $minutes % 60 === 0 => ($minutes / 60).' hours',
            default => sprintf('%.1f hours', $minutes / 60),
        };
    }
}
