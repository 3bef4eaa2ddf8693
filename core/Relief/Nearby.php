<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** What the skin is like round each vertex, within a radius: how strongly it is bent, and what a value is there on the whole. */
final readonly class Nearby
{
    /** Places within the radius that are asked about. */
    private const PLENTY = 24;

    /**
     * @param list<float> $curvature by vertex, 1/mm: from how far a point stands above the mean of the skin near it. Of a ball of radius R
     *     that is r²/4R, so what comes out is 1/R on a ball, 0 on a plane, and less than 0 in a hollow
     * @param list<float> $mean by vertex, of the values asked for
     */
    private function __construct(
        public array $curvature,
        public array $mean,
    ) {}

    /**
     * @param float $radiusMm r
     * @param list<float> $values by vertex
     */
    public static function of(Mesh $mesh, float $radiusMm, array $values): self
    {
        $positions = $mesh->positions;
        $normals = $mesh->normals();
        $weights = $mesh->vertexAreas();
        $ring = self::rings($mesh);
        $cells = self::sampled($mesh, $radiusMm);
        $square = $radiusMm * $radiusMm;
        $curvatures = $means = [];
        for ($vertex = 0, $count = $mesh->vertexCount(); $vertex < $count; $vertex++) {
            [$x, $y, $z] = [$positions[3 * $vertex], $positions[3 * $vertex + 1], $positions[3 * $vertex + 2]];
            [$nx, $ny, $nz] = [$normals[3 * $vertex], $normals[3 * $vertex + 1], $normals[3 * $vertex + 2]];
            [$cx, $cy, $cz] = [(int) floor($x / $radiusMm), (int) floor($y / $radiusMm), (int) floor($z / $radiusMm)];
            $height = $weight = $far = $sum = 0.0;
            for ($i = $cx - 1; $i <= $cx + 1; $i++) {
                for ($j = $cy - 1; $j <= $cy + 1; $j++) {
                    for ($k = $cz - 1; $k <= $cz + 1; $k++) {
                        foreach ($cells[self::cell($i, $j, $k)] ?? [] as $other) {
                            $dx = $positions[3 * $other] - $x;
                            $dy = $positions[3 * $other + 1] - $y;
                            $dz = $positions[3 * $other + 2] - $z;
                            $distance = $dx * $dx + $dy * $dy + $dz * $dz;
                            // What looks the other way is the back of a thin part, not the skin round this point.
                            if (
                                $distance < $square
                                && $nx * $normals[3 * $other] + $ny * $normals[3 * $other + 1] + $nz * $normals[3 * $other + 2] > -0.2
                            ) {
                                $height -= $weights[$other] * ($dx * $nx + $dy * $ny + $dz * $nz);
                                $far += $weights[$other] * $distance;
                                $sum += $weights[$other] * $values[$other];
                                $weight += $weights[$other];
                            }
                        }
                    }
                }
            }
            // Where triangles are larger than the radius, the next corners are asked instead.
            if ($weight <= 1.5 * $weights[$vertex]) {
                [$height, $far] = self::byRing($vertex, $ring[$vertex] ?? [], $positions, $normals);
            }
            // On a plane disc the mean square distance is r²/2, and the height of a cap of a ball is half of that over R.
            $curvatures[] = $far > 0.0 ? 2.0 * $height / $far : 0.0;
            $means[] = $weight > 0.0 ? $sum / $weight : $values[$vertex];
        }

        return new self($curvatures, $means);
    }

    /** @return array<int, list<int>> the vertices that share a triangle with each */
    private static function rings(Mesh $mesh): array
    {
        $rings = [];
        $triangles = $mesh->triangles;
        for ($at = 0, $end = count($triangles); $at < $end; $at += 3) {
            $rings[$triangles[$at]][] = $triangles[$at + 1];
            $rings[$triangles[$at + 1]][] = $triangles[$at + 2];
            $rings[$triangles[$at + 2]][] = $triangles[$at];
        }

        return $rings;
    }

    /**
     * @param list<int> $ring
     * @param list<float> $positions
     * @param list<float> $normals
     *
     * @return array{float, float}
     */
    private static function byRing(int $vertex, array $ring, array $positions, array $normals): array
    {
        $height = $far = 0.0;
        foreach ($ring as $other) {
            $dx = $positions[3 * $other] - $positions[3 * $vertex];
            $dy = $positions[3 * $other + 1] - $positions[3 * $vertex + 1];
            $dz = $positions[3 * $other + 2] - $positions[3 * $vertex + 2];
            $height -= $dx * $normals[3 * $vertex] + $dy * $normals[3 * $vertex + 1] + $dz * $normals[3 * $vertex + 2];
            $far += $dx * $dx + $dy * $dy + $dz * $dz;
        }

        return [$height, $far];
    }

    /**
     * Vertices in cubes as wide as the radius, so many of them that about PLENTY lie within it: more make the mean no better.
     *
     * @return array<int, list<int>>
     */
    private static function sampled(Mesh $mesh, float $radiusMm): array
    {
        $count = $mesh->vertexCount();
        $near = $count / max(1e-9, array_sum($mesh->triangleAreas())) * M_PI * $radiusMm * $radiusMm;
        $cells = [];
        for ($vertex = 0, $step = max(1, (int) floor($near / self::PLENTY)); $vertex < $count; $vertex += $step) {
            [$x, $y, $z] = [$mesh->positions[3 * $vertex], $mesh->positions[3 * $vertex + 1], $mesh->positions[3 * $vertex + 2]];
            $cells[self::cell((int) floor($x / $radiusMm), (int) floor($y / $radiusMm), (int) floor($z / $radiusMm))][] = $vertex;
        }

        return $cells;
    }

    private static function cell(int $x, int $y, int $z): int
    {
        return ($x * 73_856_093) ^ ($y * 19_349_663) ^ ($z * 83_492_791);
    }
}
