<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

/**
 * The triangle of all shares of three paints, cut into four and each of these into four again, with the ratios that lie in each.
 * Corners are given as fourths of each paint.
 */
final class SharesOfThree
{
    private const HALVES = [
        [[4, 0, 0], [2, 2, 0], [2, 0, 2]],
        [[2, 2, 0], [0, 4, 0], [0, 2, 2]],
        [[2, 0, 2], [0, 2, 2], [0, 0, 4]],
        [[2, 2, 0], [2, 0, 2], [0, 2, 2]],
    ];

    /**
     * Corners of each triangle, and within it corners and ratios (with their shares) of the smaller ones. Empty ones are left out.
     *
     * @return list<array{array{array{int, int, int}, array{int, int, int}, array{int, int, int}}, list<array{array{array{int, int, int}, array{int, int, int}, array{int, int, int}}, list<array{list<int>, float, float, float}>}>}>
     */
    public static function upTo(int $mostParts): array
    {
        $left = Ratios::of(3, $mostParts);
        $triangles = [];
        foreach (self::HALVES as $corners) {
            $smaller = [];
            foreach (self::cut($corners) as $inner) {
                $inside = array_filter($left, static fn(array $ratio): bool => self::holds($inner, $ratio));
                $left = array_diff_key($left, $inside);
                if ($inside !== []) {
                    $smaller[] = [$inner, array_map(self::withShares(...), array_values($inside))];
                }
            }
            if ($smaller !== []) {
                $triangles[] = [$corners, $smaller];
            }
        }

        return $triangles;
    }

    /**
     * @param array{array{int, int, int}, array{int, int, int}, array{int, int, int}} $corners
     *
     * @return list<array{array{int, int, int}, array{int, int, int}, array{int, int, int}}>
     */
    private static function cut(array $corners): array
    {
        [$a, $b, $c] = $corners;
        [$ab, $ac, $bc] = [self::middle($a, $b), self::middle($a, $c), self::middle($b, $c)];

        return [[$a, $ab, $ac], [$ab, $b, $bc], [$ac, $bc, $c], [$ab, $ac, $bc]];
    }

    /**
     * @param array{int, int, int} $one
     * @param array{int, int, int} $other
     *
     * @return array{int, int, int}
     */
    private static function middle(array $one, array $other): array
    {
        return [intdiv($one[0] + $other[0], 2), intdiv($one[1] + $other[1], 2), intdiv($one[2] + $other[2], 2)];
    }

    /**
     * Such a triangle is just the box round its corners, since shares add up to one.
     *
     * @param array{array{int, int, int}, array{int, int, int}, array{int, int, int}} $corners
     * @param list<int> $ratio
     */
    private static function holds(array $corners, array $ratio): bool
    {
        foreach ($ratio as $i => $part) {
            $fourths = 4 * $part;
            $total = array_sum($ratio);
            if (
                $fourths < $total * min($corners[0][$i], $corners[1][$i], $corners[2][$i])
                || $fourths > $total * max($corners[0][$i], $corners[1][$i], $corners[2][$i])
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<int> $ratio
     *
     * @return array{list<int>, float, float, float}
     */
    private static function withShares(array $ratio): array
    {
        $total = array_sum($ratio);

        return [$ratio, $ratio[0] / $total, $ratio[1] / $total, $ratio[2] / $total];
    }
}
