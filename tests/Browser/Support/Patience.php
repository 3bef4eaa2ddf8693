<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

/** Waits for conditions, never for a while. */
final class Patience
{
    private const ASK_EVERY_MICROSECONDS = 40_000;

    /** @param callable(): bool $condition */
    public static function until(callable $condition, string $what, float $seconds = 60.0): void
    {
        $end = microtime(true) + $seconds;
        while (! $condition()) {
            if (microtime(true) > $end) {
                throw new RuntimeException("Waited $seconds s for $what in vain.");
            }
            usleep(self::ASK_EVERY_MICROSECONDS);
        }
    }
}
