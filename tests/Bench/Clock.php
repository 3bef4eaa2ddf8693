<?php

declare(strict_types=1);

namespace Tests\Bench;

/** Times work, and prints what came of it. */
final class Clock
{
    /** @param callable(): mixed $work */
    public static function milliseconds(callable $work): float
    {
        $start = hrtime(true);
        $work();

        return (hrtime(true) - $start) / 1e6;
    }

    /** @param list<float> $times */
    public static function percentile(array $times, float $share): float
    {
        sort($times);

        return $times[(int) min(count($times) - 1, max(0, ceil($share * count($times)) - 1))];
    }

    public static function row(string $what, string $figure, string $wanted = ''): void
    {
        printf("%-66s %18s   %s\n", $what, $figure, $wanted);
    }
}
