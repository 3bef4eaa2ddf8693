<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** Values at the corners of a grid that follow from the place alone, and smoothly between them. */
final class Noise
{
    /** More cells than one picture meets: they begin anew. */
    private const MOST_CELLS = 50_000;

    /** @var array<int, array{float, float, float, float, float, float, float, float}> the values at the corners of a cell, across first, then down */
    private array $cells = [];

    /** @return float 0…1 */
    public function at(float $x, float $y, float $z): float
    {
        $i = (int) floor($x);
        $j = (int) floor($y);
        $k = (int) floor($z);
        [$a, $b, $c, $d, $e, $f, $g, $h] = $this->cells[($i & 0xFFFFF) << 40 | ($j & 0xFFFFF) << 20 | ($k & 0xFFFFF)] ??= $this->cell($i, $j, $k);
        $x -= $i;
        $y -= $j;
        $z -= $k;
        $x *= $x * (3.0 - 2.0 * $x);
        $y *= $y * (3.0 - 2.0 * $y);
        $z *= $z * (3.0 - 2.0 * $z);
        $near = ($a * (1.0 - $x) + $b * $x) * (1.0 - $y) + ($c * (1.0 - $x) + $d * $x) * $y;
        $far = ($e * (1.0 - $x) + $f * $x) * (1.0 - $y) + ($g * (1.0 - $x) + $h * $x) * $y;

        return $near * (1.0 - $z) + $far * $z;
    }

    /** @return array{float, float, float, float, float, float, float, float} */
    private function cell(int $i, int $j, int $k): array
    {
        if (count($this->cells) > self::MOST_CELLS) {
            $this->cells = [];
        }

        return [
            self::corner($i, $j, $k), self::corner($i + 1, $j, $k), self::corner($i, $j + 1, $k), self::corner($i + 1, $j + 1, $k),
            self::corner($i, $j, $k + 1), self::corner($i + 1, $j, $k + 1), self::corner($i, $j + 1, $k + 1), self::corner($i + 1, $j + 1, $k + 1),
        ];
    }

    private static function corner(int $i, int $j, int $k): float
    {
        $hash = ($i * 0x8DA6B343 ^ $j * 0xD8163841 ^ $k * 0xCB1AB31F) & 0xFFFFFFFF;
        $hash = ($hash ^ $hash >> 13) * 0x5BD1E995 & 0xFFFFFFFF;

        return (($hash ^ $hash >> 15) & 0xFFFF) / 0xFFFF;
    }
}
