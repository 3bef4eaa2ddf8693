<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/**
 * Which zone a point of the skin is, from 0 (recess) over 1 (lower side), 2 (face) and 3 (raised) to 4 (edge), and all between. Thresholds
 * are absolute: a smooth panel is nearly all face, a fold has all five.
 */
final class ZonePosition
{
    /** Radii in mm within which an edge is one, and within which a fold stands out. */
    public const FINE_MM = 0.45;

    public const BROAD_MM = 1.5;

    private const LEAST_OPEN = 0.1;

    /**
     * What lies under a coat is all hidden, and has its own folds all the same: a wash runs into what is more hidden than the skin round it.
     *
     * @param float $openness 0 (hidden) to 1 (open)
     * @param float $around openness of the skin within BROAD_MM
     * @param float $fine curvature within the fine radius, 1/mm
     * @param float $fineMm that radius: FINE_MM, or as fine as the sculpt's triangles tell
     * @param float $broad curvature within BROAD_MM, 1/mm
     * @param float $up how far it looks up, -1…1
     */
    public static function of(float $openness, float $around, float $fine, float $fineMm, float $broad, float $up): float
    {
        $hidden = 1.0 - min(1.0, $openness / max(self::LEAST_OPEN, $around));
        $raised = max(self::rise($broad, 0.10, 0.42), 0.75 * self::rise($up, 0.35, 0.95) * self::rise($openness, 0.5, 0.85));
        $lower = max(
            0.8 * self::rise(-$broad, 0.06, 0.35),
            self::rise(-$up, 0.25, 0.8),
            0.8 * self::rise($hidden, 0.06, 0.22),
            0.7 * self::rise(1.0 - $openness, 0.4, 0.8),
        );
        $position = 2.0 + $raised * (1.0 - 0.6 * $lower) - $lower * (1.0 - 0.5 * $raised);
        // A thin rod is bent all round and has no edge for it: an edge stands out from what is round it.
        $edge = self::rise(($fine - 0.7 * max(0.0, $broad)) * $fineMm, 0.135, 0.43) * self::rise(1.0 - $hidden, 0.7, 0.95);
        $recess = max(
            self::rise($hidden, 0.16, 0.42),
            self::rise(-$fine * $fineMm, 0.16, 0.5),
            self::rise(-$broad, 0.25, 0.6),
            self::rise(1.0 - $openness, 0.82, 0.97),
        );

        return max(0.0, min(4.0, ($position + $edge * (4.0 - $position)) * (1.0 - $recess * (1.0 - 0.8 * $edge))));
    }

    /** Rises from 0 to 1 between two values, without a kink. */
    private static function rise(float $value, float $from, float $to): float
    {
        $share = max(0.0, min(1.0, ($value - $from) / ($to - $from)));

        return $share * $share * (3.0 - 2.0 * $share);
    }
}
