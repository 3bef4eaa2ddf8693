<?php

declare(strict_types=1);

namespace Tests\Core\Relief;

use Kalokroma\Relief\Mesh;

/** Bodies whose relief is known beforehand, in mm. */
final class Bodies
{
    /** A ball, cut along its meridians and parallels. */
    public static function ball(float $radius, int $parts = 32): Mesh
    {
        return self::surface($parts, 2 * $parts, static function (float $down, float $round) use ($radius): array {
            [$polar, $angle] = [M_PI * $down, 2 * M_PI * $round];

            return [$radius * sin($polar) * sin($angle), $radius * cos($polar), $radius * sin($polar) * cos($angle)];
        });
    }

    /** A floor with a round hole, seen from above: open upward, closed at the bottom. */
    public static function hole(float $radius, float $deep, float $floor = 30.0): Mesh
    {
        // From the rim of the floor inward, down the wall, and to the middle of the bottom.
        $profile = [];
        foreach (range(0, 12) as $at) {
            $profile[] = [$floor - ($floor - $radius) * $at / 12, 0.0];
        }
        foreach (range(1, 16) as $at) {
            $profile[] = [$radius, -$deep * $at / 16];
        }
        foreach (range(1, 16) as $at) {
            $profile[] = [$radius * (1 - $at / 16) + 0.001, -$deep];
        }

        return self::turned($profile, 64);
    }

    /** Two walls at right angles: a floor, and a wall behind it. */
    public static function corner(float $side = 20.0, int $parts = 40): Mesh
    {
        return self::surface($parts, $parts, static function (float $along, float $across) use ($side): array {
            $x = $side * ($across - 0.5) * 4;
            $at = ($along - 0.5) * 2 * $side;

            return $at < 0 ? [$x, -$at, 0.0] : [$x, 0.0, $at];
        });
    }

    public static function cube(float $side = 10.0, int $parts = 20): Mesh
    {
        $positions = $triangles = [];
        foreach ([[0, 1, 2, 1], [0, 1, 2, -1], [1, 2, 0, 1], [1, 2, 0, -1], [2, 0, 1, 1], [2, 0, 1, -1]] as [$u, $v, $w, $sign]) {
            $face = self::surface($parts, $parts, static function (float $one, float $other) use ($u, $v, $w, $sign, $side): array {
                $place = [0.0, 0.0, 0.0];
                $place[$u] = ($sign > 0 ? $one : $other) * $side - $side / 2;
                $place[$v] = ($sign > 0 ? $other : $one) * $side - $side / 2;
                $place[$w] = $sign * $side / 2;

                return $place;
            });
            $first = count($positions) / 3;
            array_push($positions, ...$face->positions);
            array_push($triangles, ...array_map(static fn(int $vertex): int => $vertex + $first, $face->triangles));
        }

        return self::welded($positions, $triangles);
    }

    /** The same, turned about its upright axis. */
    public static function turnedBy(Mesh $mesh, float $degrees): Mesh
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $positions = [];
        foreach (array_chunk($mesh->positions, 3) as [$x, $y, $z]) {
            array_push($positions, $cos * $x + $sin * $z, $y, $cos * $z - $sin * $x);
        }

        return Mesh::of($positions, $mesh->triangles);
    }

    /** @param list<array{float, float}> $profile radius and height, outward side to its right hand */
    private static function turned(array $profile, int $parts): Mesh
    {
        return self::surface(count($profile) - 1, $parts, static function (float $along, float $round) use ($profile): array {
            [$radius, $y] = $profile[(int) round($along * (count($profile) - 1))];

            return [$radius * sin(2 * M_PI * $round), $y, $radius * cos(2 * M_PI * $round)];
        }, true);
    }

    /** @param callable(float, float): array{float, float, float} $place of two shares */
    private static function surface(int $rows, int $columns, callable $place, bool $flips = false): Mesh
    {
        $positions = $triangles = [];
        for ($row = 0; $row <= $rows; $row++) {
            for ($column = 0; $column <= $columns; $column++) {
                array_push($positions, ...$place($row / $rows, $column / $columns));
                if ($row < $rows && $column < $columns) {
                    $here = $row * ($columns + 1) + $column;
                    $below = $here + $columns + 1;
                    array_push(
                        $triangles,
                        ...(
                            $flips
                                ? [$here, $here + 1, $below, $here + 1, $below + 1, $below]
                                : [$here, $below, $here + 1, $here + 1, $below, $below + 1]
                        ),
                    );
                }
            }
        }

        return self::welded($positions, $triangles);
    }

    /**
     * What lies at one place is one vertex, and triangles without any width go.
     *
     * @param list<float> $positions
     * @param list<int> $triangles
     */
    private static function welded(array $positions, array $triangles): Mesh
    {
        $known = $kept = $to = [];
        foreach (array_chunk($positions, 3) as $vertex => $place) {
            $key = sprintf('%.5f %.5f %.5f', $place[0] + 0.0, $place[1] + 0.0, $place[2] + 0.0);
            $key = str_replace('-0.00000', '0.00000', $key);
            if (! isset($known[$key])) {
                $known[$key] = intdiv(count($kept), 3);
                array_push($kept, ...$place);
            }
            $to[$vertex] = $known[$key];
        }
        $whole = [];
        foreach (array_chunk($triangles, 3) as [$a, $b, $c]) {
            if (count(array_unique([$to[$a], $to[$b], $to[$c]])) === 3) {
                array_push($whole, $to[$a], $to[$b], $to[$c]);
            }
        }

        return Mesh::of($kept, $whole);
    }
}
