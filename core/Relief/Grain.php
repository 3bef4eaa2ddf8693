<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Technique;

/**
 * How broken colour lies on a skin: as irregular flecks, or as streaks that run down. Where a fleck is follows from the place alone, the
 * same here and where a browser draws it (`shading.ts`).
 */
enum Grain: string
{
    case Flecks = 'flecks';
    case Streaks = 'streaks';

    /** A fleck's size across and down, mm. */
    private const SIZES = ['flecks' => [0.8, 0.8], 'streaks' => [0.5, 5.0]];

    /** How much of it is the broad pattern; the rest is as much finer as said, and makes edges ragged. */
    private const BROAD = 0.62;

    private const FINER = 2.1;

    private const APART = 17.0;

    /** What makes all values as frequent as each other: of the distance from the middle, its square and its fourth power. Fitted. */
    private const STEEPNESS = [11.25, 37.0, 100.0];

    /** How a technique leaves it; null when it covers all of where it goes. */
    public static function of(Technique $technique): ?self
    {
        return match (true) {
            $technique->does(Nature::Streaks, Nature::WipesBack) => self::Streaks,
            $technique->deposit->isPatchy() => self::Flecks,
            default => null,
        };
    }

    /**
     * @param float $x place on the skin, mm
     *
     * @return float 0…1, all values as frequent as each other: of what takes a share of the skin, flecks lie where it is below that share
     */
    public function at(float $x, float $y, float $z): float
    {
        [$across, $down] = self::SIZES[$this->value];
        [$x, $y, $z] = [$x / $across, $y / $down, $z / $across];
        $noise = self::BROAD * self::noise($x, $y, $z)
            + (1.0 - self::BROAD) * self::noise(self::FINER * $x + self::APART, self::FINER * $y + self::APART, self::FINER * $z + self::APART);
        $off = $noise - 0.5;
        $square = $off * $off;

        return 1.0 / (1.0 + exp(-$off * (self::STEEPNESS[0] + $square * (self::STEEPNESS[1] + $square * self::STEEPNESS[2]))));
    }

    /** Values at the corners of a grid, and smoothly between them. */
    private static function noise(float $x, float $y, float $z): float
    {
        [$i, $j, $k] = [(int) floor($x), (int) floor($y), (int) floor($z)];
        [$x, $y, $z] = [$x - $i, $y - $j, $z - $k];
        [$x, $y, $z] = [$x * $x * (3.0 - 2.0 * $x), $y * $y * (3.0 - 2.0 * $y), $z * $z * (3.0 - 2.0 * $z)];
        $across = static fn(int $j, int $k): float => self::corner($i, $j, $k) * (1.0 - $x) + self::corner($i + 1, $j, $k) * $x;
        $near = $across($j, $k) * (1.0 - $y) + $across($j + 1, $k) * $y;

        return $near * (1.0 - $z) + ($across($j, $k + 1) * (1.0 - $y) + $across($j + 1, $k + 1) * $y) * $z;
    }

    /** 0…1 */
    private static function corner(int $i, int $j, int $k): float
    {
        $hash = ($i * 0x8DA6B343 ^ $j * 0xD8163841 ^ $k * 0xCB1AB31F) & 0xFFFFFFFF;
        $hash = ($hash ^ $hash >> 13) * 0x5BD1E995 & 0xFFFFFFFF;

        return (($hash ^ $hash >> 15) & 0xFFFF) / 0xFFFF;
    }
}
