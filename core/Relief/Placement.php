<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** How a part of a glTF scene is moved, turned and scaled: 4 × 4 matrices, column by column. */
final class Placement
{
    /**
     * @param array<mixed> $node of a glTF scene
     *
     * @return list<float>
     *
     * @throws IllegalSculpt when it is placed by what is no number
     */
    public static function ofNode(array $node): array
    {
        if (isset($node['matrix'])) {
            return self::numbers($node['matrix'], array_fill(0, 16, 0.0));
        }
        [$tx, $ty, $tz] = self::numbers($node['translation'] ?? null, [0.0, 0.0, 0.0]);
        [$x, $y, $z, $w] = self::numbers($node['rotation'] ?? null, [0.0, 0.0, 0.0, 1.0]);
        [$sx, $sy, $sz] = self::numbers($node['scale'] ?? null, [1.0, 1.0, 1.0]);

        return [
            (1 - 2 * ($y * $y + $z * $z)) * $sx, 2 * ($x * $y + $z * $w) * $sx, 2 * ($x * $z - $y * $w) * $sx, 0.0,
            2 * ($x * $y - $z * $w) * $sy, (1 - 2 * ($x * $x + $z * $z)) * $sy, 2 * ($y * $z + $x * $w) * $sy, 0.0,
            2 * ($x * $z + $y * $w) * $sz, 2 * ($y * $z - $x * $w) * $sz, (1 - 2 * ($x * $x + $y * $y)) * $sz, 0.0,
            $tx, $ty, $tz, 1.0,
        ];
    }

    /**
     * @param list<float> $outer
     * @param list<float> $inner
     *
     * @return list<float>
     */
    public static function times(array $outer, array $inner): array
    {
        $product = [];
        for ($column = 0; $column < 4; $column++) {
            for ($row = 0; $row < 4; $row++) {
                $sum = 0.0;
                for ($at = 0; $at < 4; $at++) {
                    $sum += $outer[4 * $at + $row] * $inner[4 * $column + $at];
                }
                $product[] = $sum;
            }
        }

        return $product;
    }

    /**
     * @param list<float> $usual
     *
     * @return list<float>
     */
    private static function numbers(mixed $told, array $usual): array
    {
        if ($told === null) {
            return $usual;
        }
        if (! is_array($told) || count($told) !== count($usual)) {
            throw IllegalSculpt::noGlb('a part is placed by too few numbers');
        }

        return array_map(
            static fn(mixed $one): float => is_int($one)
                || (is_float($one) && is_finite($one)) ? (float) $one : throw IllegalSculpt::noGlb('a part is placed by what is no number'),
            array_values($told),
        );
    }
}
