<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/**
 * Where whatever is painted or laid on a patch of an area lies: nobody says where, so it is drawn as a roundel in the middle of the
 * broadest open face, rather in front than behind.
 */
final readonly class MarkPlaces
{
    /** Places of an area that are tried. */
    private const TRIED = 240;

    /** Beyond these zones it ends, in a seam or at a hem. */
    private const SEAM = 0.8;

    private const HEM = 3.6;

    /** How far a face reaches round its middle, against the root of the area's skin: a mark is a share of that, not of the back as well. */
    private const ROUND = 0.085;

    /** How far it may stand before or behind its middle, against that reach. */
    private const DEEP = 0.3;

    /** Skin that looks elsewhere lies round the corner (cosine). */
    private const ROUND_THE_CORNER = 0.35;

    /** What a place that looks to the front counts more than one that looks aside. */
    private const FRONT = 1.0;

    /** @var list<float> x, y, z of each vertex's normal */
    private array $normals;

    /** @var list<float> mm² by vertex */
    private array $skin;

    /**
     * @param list<float> $zones by vertex, 0…4
     * @param list<float> $openness by vertex
     */
    private function __construct(
        private Mesh $mesh,
        private array $zones,
        private array $openness,
    ) {
        $this->normals = $mesh->normals();
        $this->skin = $mesh->vertexAreas();
    }

    /**
     * How far out each corner of the skin lies from the middle of its area's mark, against how far the face round it reaches: a mark that
     * takes a share of that face reaches out to the root of the share.
     *
     * @param list<float> $zones by vertex, 0…4
     * @param list<float> $openness by vertex
     *
     * @return list<float> by vertex, 0…1; 1 beyond that face, where areas meet, and in none
     */
    public static function of(Mesh $mesh, Labels $labels, array $zones, array $openness): array
    {
        $self = new self($mesh, $zones, $openness);
        $places = array_fill(0, $mesh->vertexCount(), 1.0);
        foreach (self::areas($mesh, $labels) as $beside) {
            $reach = self::ROUND * sqrt($self->skinOf(array_keys($beside)));
            $face = $self->face($self->middle($beside, $reach), $beside, $reach);
            foreach ($face as $vertex => ['far' => $far]) {
                $places[$vertex] = $reach > 0.0 ? $far / $reach : 1.0;
            }
        }

        /** @var list<float> $places */
        return $places;
    }

    /** @return array<int, non-empty-array<int, list<int>>> by number of the area and corner of it alone: the corners beside that, some twice */
    private static function areas(Mesh $mesh, Labels $labels): array
    {
        $of = [];
        $triangles = str_split($labels->triangles);
        foreach ($triangles as $triangle => $byte) {
            for ($corner = 3 * $triangle; $corner < 3 * $triangle + 3; $corner++) {
                $vertex = $mesh->triangles[$corner];
                $of[$vertex] = isset($of[$vertex]) && $of[$vertex] !== ord($byte) ? Labels::NONE : ord($byte);
            }
        }
        $areas = [];
        foreach ($triangles as $triangle => $byte) {
            for ($corner = 0; $corner < 3; $corner++) {
                $vertex = $mesh->triangles[3 * $triangle + $corner];
                if ($of[$vertex] !== Labels::NONE) {
                    $areas[$of[$vertex]][$vertex][] = $mesh->triangles[3 * $triangle + ($corner + 1) % 3];
                    $areas[$of[$vertex]][$vertex][] = $mesh->triangles[3 * $triangle + ($corner + 2) % 3];
                }
            }
        }

        return $areas;
    }

    /**
     * @param non-empty-array<int, list<int>> $beside
     * @param float $reach mm
     */
    private function middle(array $beside, float $reach): int
    {
        $best = [-1.0, array_key_first($beside)];
        $each = $this->skinOf(array_keys($beside)) / self::TRIED;
        $passed = $each / 2;
        foreach (array_keys($beside) as $place) {
            // As many from each square millimetre, however large the triangles there are.
            $passed += $this->skin[$place];
            if ($passed < $each) {
                continue;
            }
            $passed = fmod($passed, $each);
            $seen = (1.0 + self::FRONT * $this->normals[3 * $place + 2]) * max(0.0, 1.0 + 2.0 * min(0.0, $this->normals[3 * $place + 1]));
            $worth = $seen <= 0.0 ? 0.0 : $seen * $this->worth($this->face($place, $beside, $reach), $reach);
            $best = $worth > $best[0] ? [$worth, $place] : $best;
        }

        return $best[1];
    }

    /**
     * How much skin lies there openly and evenly.
     *
     * @param array<int, array{far: float, deep: float}> $face
     * @param float $reach mm
     */
    private function worth(array $face, float $reach): float
    {
        $worth = 0.0;
        foreach ($face as $vertex => ['deep' => $deep]) {
            $worth += $this->skin[$vertex] * $this->openness[$vertex] * (1.0 - $deep / (self::DEEP * $reach)) ** 2;
        }

        return $worth;
    }

    /**
     * What hangs together round a place and looks where it looks.
     *
     * @param array<int, list<int>> $beside
     * @param float $reach mm
     *
     * @return array<int, array{far: float, deep: float}> mm by vertex: how far out, along the skin at its middle, and how far before or
     *     behind that
     */
    private function face(int $middle, array $beside, float $reach): array
    {
        [$nx, $ny, $nz] = [$this->normals[3 * $middle], $this->normals[3 * $middle + 1], $this->normals[3 * $middle + 2]];
        // Across lies level; of a skin that looks straight up, from left to right.
        $level = hypot($nx, $nz);
        [$ax, $az] = $level > 0.05 ? [$nz / $level, -$nx / $level] : [1.0, 0.0];
        [$ux, $uy, $uz] = [$ny * $az, $nz * $ax - $nx * $az, -$ny * $ax];
        $positions = $this->mesh->positions;
        $face = [$middle => ['far' => 0.0, 'deep' => 0.0]];
        $open = [$middle];
        while (($place = array_pop($open)) !== null) {
            foreach ($beside[$place] as $vertex) {
                $at = 3 * $vertex;
                if (
                    isset($face[$vertex])
                    || ! isset($beside[$vertex])
                    || $this->zones[$vertex] < self::SEAM
                    || $this->zones[$vertex] > self::HEM
                    || $nx * $this->normals[$at] + $ny * $this->normals[$at + 1] + $nz * $this->normals[$at + 2] < self::ROUND_THE_CORNER
                ) {
                    continue;
                }
                $x = $positions[$at] - $positions[3 * $middle];
                $y = $positions[$at + 1] - $positions[3 * $middle + 1];
                $z = $positions[$at + 2] - $positions[3 * $middle + 2];
                $far = hypot($x * $ax + $z * $az, $x * $ux + $y * $uy + $z * $uz);
                $deep = abs($x * $nx + $y * $ny + $z * $nz);
                if ($far < $reach && $deep < self::DEEP * $reach) {
                    $face[$vertex] = ['far' => $far, 'deep' => $deep];
                    $open[] = $vertex;
                }
            }
        }

        return $face;
    }

    /**
     * @param list<int> $vertices
     *
     * @return float mm²
     */
    private function skinOf(array $vertices): float
    {
        return array_sum(array_map(fn(int $vertex): float => $this->skin[$vertex], $vertices));
    }
}
