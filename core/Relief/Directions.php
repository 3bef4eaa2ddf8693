<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** Directions spread evenly, as a sunflower spreads its seeds: each stands for the same share of the sphere or of a cone. */
final class Directions
{
    private const GOLDEN_ANGLE = 2.399963229728653;

    /** @return list<array{float, float, float}> unit vectors over the whole sphere */
    public static function around(int $count): array
    {
        return self::within($count, 180.0);
    }

    /**
     * @param float $halfAngleDegrees of the cone
     *
     * @return list<array{float, float, float}> unit vectors within a cone round straight up
     */
    public static function within(int $count, float $halfAngleDegrees): array
    {
        $lowest = cos(deg2rad($halfAngleDegrees));
        $directions = [];
        for ($at = 0; $at < $count; $at++) {
            $y = 1.0 - (1.0 - $lowest) * ($at + 0.5) / $count;
            $far = sqrt(max(0.0, 1.0 - $y * $y));
            $directions[] = [$far * cos(self::GOLDEN_ANGLE * $at), $y, $far * sin(self::GOLDEN_ANGLE * $at)];
        }

        return $directions;
    }
}
