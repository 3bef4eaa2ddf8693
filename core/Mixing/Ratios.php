<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

/**
 * Every ratio of whole parts in lowest terms: 2 : 2 is 1 : 1 with more to count.
 */
final class Ratios
{
    /** @var array<string, list<list<int>>> */
    private static array $made = [];

    /**
     * @return list<list<int>> parts of each paint; fewest parts in all first
     */
    public static function of(int $paints, int $mostParts): array
    {
        return self::$made["$paints/$mostParts"] ??= $mostParts < $paints ? [] : array_merge(...array_map(
            static fn(int $total): array => array_values(array_filter(self::splitting($total, $paints), self::isLowest(...))),
            range($paints, $mostParts),
        ));
    }

    /**
     * Ratios of two by rising share of the first.
     *
     * @return list<list<int>>
     */
    public static function ofTwoByShare(int $mostParts): array
    {
        $ratios = self::of(2, $mostParts);
        usort($ratios, static fn(array $one, array $other): int => $one[0] * array_sum($other) <=> $other[0] * array_sum($one));

        return $ratios;
    }

    /** @return list<list<int>> */
    private static function splitting(int $total, int $paints): array
    {
        if ($paints === 1) {
            return [[$total]];
        }
        $ways = [];
        for ($first = 1; $first <= $total - $paints + 1; $first++) {
            foreach (self::splitting($total - $first, $paints - 1) as $rest) {
                $ways[] = [$first, ...$rest];
            }
        }

        return $ways;
    }

    /** @param list<int> $parts */
    public static function isLowest(array $parts): bool
    {
        $common = 0;
        foreach ($parts as $one) {
            while ($one !== 0) {
                [$common, $one] = [$one, $common % $one];
            }
        }

        return $common === 1;
    }
}
