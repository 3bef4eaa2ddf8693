<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** In which zone each vertex of a sculpt lies, by how open and how bent its skin is there. */
final class Relief
{
    /** A radius that holds the corners next to a point, whatever a sculpt is cut into. */
    private const TRIANGLES_ACROSS = 1.3;

    /**
     * @param list<float> $openness by vertex
     *
     * @return list<float> by vertex
     */
    public static function zones(Mesh $mesh, array $openness): array
    {
        $normals = $mesh->normals();
        $fineMm = max(ZonePosition::FINE_MM, self::TRIANGLES_ACROSS * $mesh->meanEdgeMm());
        $fine = Nearby::of($mesh, $fineMm, $openness);
        $broad = Nearby::of($mesh, ZonePosition::BROAD_MM, $openness);
        $zones = [];
        foreach ($openness as $vertex => $open) {
            $zones[] = ZonePosition::of(
                $open,
                $broad->mean[$vertex],
                $fine->curvature[$vertex],
                $fineMm,
                $broad->curvature[$vertex],
                $normals[3 * $vertex + 1],
            );
        }

        return self::evened($mesh, $zones);
    }

    /**
     * Each half as what its triangles have round it: how a sculpt happens to be cut into triangles is not seen then.
     *
     * @param list<float> $zones by vertex
     *
     * @return list<float>
     */
    private static function evened(Mesh $mesh, array $zones): array
    {
        $triangles = $mesh->triangles;
        $areas = $mesh->triangleAreas();
        $sums = $weights = array_fill(0, count($zones), 0.0);
        foreach ($areas as $triangle => $area) {
            [$a, $b, $c] = [$triangles[3 * $triangle], $triangles[3 * $triangle + 1], $triangles[3 * $triangle + 2]];
            $all = $zones[$a] + $zones[$b] + $zones[$c];
            foreach ([$a, $b, $c] as $corner) {
                $sums[$corner] += $area * $all / 3;
                $weights[$corner] += $area;
            }
        }

        return array_map(
            static fn(float $zone, float $sum, float $weight): float => $weight > 0.0 ? ($zone + $sum / $weight) / 2 : $zone,
            $zones,
            $sums,
            $weights,
        );
    }
}
