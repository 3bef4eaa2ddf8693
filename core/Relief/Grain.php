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
    public function at(float $x, float $y, float $z, Noise $noise): float
    {
        return 1.0 / (1.0 + exp(-self::steep($this->broad($x, $y, $z, $noise) + $this->fine($x, $y, $z, $noise))));
    }

    /** Whether it is below a share there: mostly the broad pattern tells already. */
    public function isBelow(float $share, float $x, float $y, float $z, Noise $noise): bool
    {
        if ($share <= 0.0 || $share >= 1.0) {
            return $share > 0.0;
        }
        $limit = log($share / (1.0 - $share));
        $broad = $this->broad($x, $y, $z, $noise);

        return self::steep($broad) < $limit
            && (self::steep($broad + 1.0 - self::BROAD) < $limit || self::steep($broad + $this->fine($x, $y, $z, $noise)) < $limit);
    }

    private function broad(float $x, float $y, float $z, Noise $noise): float
    {
        [$across, $down] = self::SIZES[$this->value];

        return self::BROAD * $noise->at($x / $across, $y / $down, $z / $across);
    }

    /** The same pattern in small, from elsewhere. */
    private function fine(float $x, float $y, float $z, Noise $noise): float
    {
        [$across, $down] = self::SIZES[$this->value];

        return (1.0 - self::BROAD) * $noise->at(
            self::FINER * $x / $across + self::APART,
            self::FINER * $y / $down + self::APART,
            self::FINER * $z / $across + self::APART,
        );
    }

    /** The higher, the rarer noise is above it: what a share of all is below has the logit of that share. */
    private static function steep(float $noise): float
    {
        $off = $noise - 0.5;
        $square = $off * $off;

        return $off * (self::STEEPNESS[0] + $square * (self::STEEPNESS[1] + $square * self::STEEPNESS[2]));
    }
}
