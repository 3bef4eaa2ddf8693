<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;

/**
 * Which zone each point of a picture is: light and shade of a primed model tell it. What is fine (the picture against its own blur) says
 * recess and edge, what is broad says light side and dark side; within an area both are ranked into the shares of zones its texture has.
 */
final class PictureRelief
{
    /** Radius of what is fine, as a share of the height. */
    private const FINE = 0.01;

    /** How much more a fine difference says than a broad one. */
    private const FINE_COUNTS = 2.0;

    /**
     * @param array<int, Texture> $textures of the areas by the number that labels give them
     *
     * @return list<float> by point, 0 (recess) … 4 (edge); in no area all is face
     */
    public static function zones(Picture $picture, Labels $labels, array $textures): array
    {
        $scores = self::scores($picture);
        $zones = array_fill(0, $picture->count(), 2.0);
        foreach (self::points($picture, $labels) as $area => $points) {
            $texture = $textures[$area] ?? null;
            if ($texture === null) {
                continue;
            }
            $of = array_intersect_key($scores, array_flip($points));
            asort($of);
            $count = count($of);
            foreach (array_keys($of) as $rank => $point) {
                $zones[$point] = self::zoneAt(($rank + 0.5) / $count, $texture);
            }
        }

        return array_values($zones);
    }

    /**
     * How much of a light from above each point has caught: what the broad light of the picture says. A zenithal photo is a map of the highlights.
     *
     * @return list<float> by point, 0…1
     */
    public static function lit(Picture $picture): array
    {
        $broad = $picture->blurred(self::radius($picture));
        $sorted = $broad;
        sort($sorted);
        $low = $sorted[(int) (0.05 * (count($sorted) - 1))];
        $high = $sorted[(int) (0.95 * (count($sorted) - 1))];

        return array_map(static fn(float $value): float => max(0.0, min(1.0, ($value - $low) / max(1.0, $high - $low))), $broad);
    }

    /** @return list<float> by point: the higher, the nearer to an edge */
    private static function scores(Picture $picture): array
    {
        $broad = $picture->blurred(self::radius($picture));

        return array_map(
            static fn(int $light, float $around): float => $around + self::FINE_COUNTS * ($light - $around),
            $picture->lightness,
            $broad,
        );
    }

    private static function radius(Picture $picture): int
    {
        return max(1, (int) round(self::FINE * $picture->height));
    }

    /** @return array<int, list<int>> points by the number of their area */
    private static function points(Picture $picture, Labels $labels): array
    {
        $points = [];
        $seen = [];
        foreach (range(0, 2 * ($picture->width - 1) * ($picture->height - 1) - 1) as $triangle) {
            $area = ord($labels->triangles[$triangle]);
            $point = $picture->pointOf($triangle);
            if ($area !== Labels::NONE && ! isset($seen[$point])) {
                $points[$area][] = $point;
                $seen[$point] = true;
            }
        }

        return $points;
    }

    /** @param float $share of the area that is darker, 0…1 */
    private static function zoneAt(float $share, Texture $texture): float
    {
        $below = 0.0;
        foreach (Zone::cases() as $index => $zone) {
            $of = $texture->share($zone);
            if ($share <= $below + $of || $index === 4) {
                return max(0.0, min(4.0, $index - 0.5 + ($share - $below) / max(1e-6, $of)));
            }
            $below += $of;
        }

        return 4.0;
    }
}
