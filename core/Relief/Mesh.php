<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** The skin of a sculpt as triangles between vertices, in mm, y up. */
final class Mesh
{
    /** Thinned sculpts keep below this; more would only make every work on them slower. */
    public const MOST_TRIANGLES = 120_000;

    private const LEAST_HEIGHT_MM = 2.0;

    private const MOST_HEIGHT_MM = 1000.0;

    /** @var list<float>|null x, y, z of each vertex's normal */
    private ?array $normals = null;

    /** @var list<float>|null of each triangle */
    private ?array $areas = null;

    /**
     * @param non-empty-list<float> $positions x, y, z of one vertex after the other, mm
     * @param non-empty-list<int> $triangles three vertices each, counterclockwise as seen from outside
     */
    private function __construct(
        public readonly array $positions,
        public readonly array $triangles,
    ) {}

    /**
     * @param list<float> $positions x, y, z of one vertex after the other, mm
     * @param list<int> $triangles three vertices each, counterclockwise as seen from outside
     *
     * @throws IllegalSculpt when there is nothing to see of it, it names vertices that are not there, or its size is no model's
     */
    public static function of(array $positions, array $triangles): self
    {
        if ($triangles === [] || $positions === [] || count($triangles) % 3 !== 0 || count($positions) % 3 !== 0) {
            throw IllegalSculpt::empty();
        }
        if (count($triangles) / 3 > self::MOST_TRIANGLES) {
            throw IllegalSculpt::tooMany(intdiv(count($triangles), 3), self::MOST_TRIANGLES);
        }
        // One that is no number makes the sum none either; so large that only the sum is none, no model is.
        if (! is_finite(array_sum($positions))) {
            throw IllegalSculpt::holds('places that are no numbers');
        }
        if (min($triangles) < 0 || max($triangles) >= count($positions) / 3) {
            throw IllegalSculpt::holds('triangles whose corners are missing');
        }
        $mesh = new self($positions, $triangles);
        [$low, $high] = $mesh->bounds();
        $longest = max($high[0] - $low[0], $high[1] - $low[1], $high[2] - $low[2]);
        if ($longest < self::LEAST_HEIGHT_MM || $longest > self::MOST_HEIGHT_MM) {
            throw IllegalSculpt::size($longest);
        }

        return $mesh;
    }

    public function vertexCount(): int
    {
        return intdiv(count($this->positions), 3);
    }

    public function triangleCount(): int
    {
        return intdiv(count($this->triangles), 3);
    }

    /** @return array{array{float, float, float}, array{float, float, float}} lowest and highest x, y, z in mm */
    public function bounds(): array
    {
        $positions = $this->positions;
        [$left, $low, $back, $right, $high, $front] = [INF, INF, INF, -INF, -INF, -INF];
        for ($at = 0, $end = count($positions); $at < $end; $at += 3) {
            $x = $positions[$at];
            $y = $positions[$at + 1];
            $z = $positions[$at + 2];
            $left = $x < $left ? $x : $left;
            $right = $x > $right ? $x : $right;
            $low = $y < $low ? $y : $low;
            $high = $y > $high ? $y : $high;
            $back = $z < $back ? $z : $back;
            $front = $z > $front ? $z : $front;
        }

        return [[$left, $low, $back], [$right, $high, $front]];
    }

    public function heightMm(): float
    {
        [$low, $high] = $this->bounds();

        return $high[1] - $low[1];
    }

    /** @return float mm, of triangles that were all alike and had the same skin in all */
    public function meanEdgeMm(): float
    {
        return sqrt(4 / sqrt(3) * array_sum($this->triangleAreas()) / $this->triangleCount());
    }

    /** @return list<float> mm² of each triangle */
    public function triangleAreas(): array
    {
        if ($this->areas === null) {
            $this->measure();
        }

        return $this->areas ?? [];
    }

    /** @return list<float> x, y, z of each vertex's outward normal, its triangles weighed by their area; nought where it has none */
    public function normals(): array
    {
        if ($this->normals === null) {
            $this->measure();
        }

        return $this->normals ?? [];
    }

    /** @return list<float> mm² of the skin round each vertex: a third of each of its triangles */
    public function vertexAreas(): array
    {
        $areas = array_fill(0, $this->vertexCount(), 0.0);
        foreach ($this->triangleAreas() as $triangle => $area) {
            for ($corner = 3 * $triangle; $corner < 3 * $triangle + 3; $corner++) {
                $areas[$this->triangles[$corner]] += $area / 3;
            }
        }

        /** @var list<float> $areas */
        return $areas;
    }

    private function measure(): void
    {
        $positions = $this->positions;
        $triangles = $this->triangles;
        $normals = array_fill(0, count($positions), 0.0);
        $areas = [];
        for ($at = 0, $end = count($triangles); $at < $end; $at += 3) {
            $a = 3 * $triangles[$at];
            $b = 3 * $triangles[$at + 1];
            $c = 3 * $triangles[$at + 2];
            $ux = $positions[$b] - $positions[$a];
            $uy = $positions[$b + 1] - $positions[$a + 1];
            $uz = $positions[$b + 2] - $positions[$a + 2];
            $vx = $positions[$c] - $positions[$a];
            $vy = $positions[$c + 1] - $positions[$a + 1];
            $vz = $positions[$c + 2] - $positions[$a + 2];
            $x = $uy * $vz - $uz * $vy;
            $y = $uz * $vx - $ux * $vz;
            $z = $ux * $vy - $uy * $vx;
            $areas[] = 0.5 * sqrt($x * $x + $y * $y + $z * $z);
            $normals[$a] += $x;
            $normals[$a + 1] += $y;
            $normals[$a + 2] += $z;
            $normals[$b] += $x;
            $normals[$b + 1] += $y;
            $normals[$b + 2] += $z;
            $normals[$c] += $x;
            $normals[$c + 1] += $y;
            $normals[$c + 2] += $z;
        }
        for ($at = 0, $end = count($normals); $at < $end; $at += 3) {
            $length = sqrt($normals[$at] * $normals[$at] + $normals[$at + 1] * $normals[$at + 1] + $normals[$at + 2] * $normals[$at + 2]);
            if ($length > 0.0) {
                $normals[$at] /= $length;
                $normals[$at + 1] /= $length;
                $normals[$at + 2] /= $length;
            }
        }
        $this->areas = $areas;
        /** @var list<float> $normals */
        $this->normals = $normals;
    }
}
