<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/**
 * A sculpt falls into patches that one names by tapping: separate shells first, then what lies between creases.
 *
 * Neighbouring triangles are joined in the order of how little the skin folds between them, as long as the fold is no stronger than those
 * inside the two patches by more than a small patch may (P. F. Felzenszwalb, D. P. Huttenlocher, "Efficient graph-based image
 * segmentation", 2004). Where materials meet the skin folds inward, so valleys part sooner than ridges.
 */
final class Patches
{
    public const MOST = 65_535;

    /** Degrees times mm² by which a patch of that size may join over a stronger fold. */
    private const EASE = 16.0;

    /** A ridge parts less than a valley as sharp. */
    private const RIDGE = 0.4;

    /** Smaller than this share of the skin nobody taps by itself, nor than so many mm². */
    private const LEAST_SHARE = 0.0005;

    private const LEAST_MM2 = 0.3;

    /** @var array<int, int> by triangle, the one that stands for its patch, over others */
    private array $over;

    /** @var array<int, float> strongest fold inside, by the triangle that stands for a patch */
    private array $inside;

    /** @var array<int, float> mm², by the same */
    private array $size;

    private function __construct(Mesh $mesh)
    {
        $this->size = $mesh->triangleAreas();
        $this->over = range(0, $mesh->triangleCount() - 1);
        $this->inside = array_fill(0, $mesh->triangleCount(), 0.0);
    }

    /** @return list<int> the patch of each triangle, counted from 0 by size, largest first */
    public static function of(Mesh $mesh): array
    {
        $patches = new self($mesh);
        $folds = self::folds($mesh);
        asort($folds);
        $pairs = Edges::of($mesh)->pairs;
        foreach ($folds as $edge => $fold) {
            $patches->join($pairs[$edge], $fold);
        }
        $least = max(self::LEAST_MM2, self::LEAST_SHARE * array_sum($mesh->triangleAreas()));
        foreach ($folds as $edge => $fold) {
            $patches->joinSmall($pairs[$edge], $fold, $least);
        }

        return $patches->numbered();
    }

    /** @param array{int, int} $pair */
    private function join(array $pair, float $fold): void
    {
        [$one, $other] = [$this->first($pair[0]), $this->first($pair[1])];
        if (
            $one !== $other
            && $fold <= min(
                $this->inside[$one] + self::EASE / max(0.01, $this->size[$one]),
                $this->inside[$other] + self::EASE / max(0.01, $this->size[$other]),
            )
        ) {
            $this->unite($one, $other, $fold);
        }
    }

    /** @param array{int, int} $pair */
    private function joinSmall(array $pair, float $fold, float $least): void
    {
        [$one, $other] = [$this->first($pair[0]), $this->first($pair[1])];
        if ($one !== $other && min($this->size[$one], $this->size[$other]) < $least) {
            $this->unite($one, $other, $fold);
        }
    }

    private function unite(int $one, int $other, float $fold): void
    {
        [$large, $small] = $this->size[$one] >= $this->size[$other] ? [$one, $other] : [$other, $one];
        $this->over[$small] = $large;
        $this->size[$large] += $this->size[$small];
        $this->inside[$large] = max($this->inside[$large], $this->inside[$small], $fold);
    }

    private function first(int $triangle): int
    {
        while ($this->over[$triangle] !== $triangle) {
            $this->over[$triangle] = $this->over[$this->over[$triangle]];
            $triangle = $this->over[$triangle];
        }

        return $triangle;
    }

    /** @return list<int> */
    private function numbered(): array
    {
        $firsts = array_map($this->first(...), array_keys($this->over));
        $sizes = [];
        foreach ($firsts as $first) {
            $sizes[$first] = $this->size[$first];
        }
        arsort($sizes);
        $numbers = array_flip(array_keys($sizes));

        return array_map(static fn(int $first): int => min(self::MOST, $numbers[$first]), $firsts);
    }

    /** @return array<int, float> degrees by edge, the valleys as they are and ridges less */
    private static function folds(Mesh $mesh): array
    {
        $normals = self::evenNormals($mesh);
        $middles = self::middles($mesh);
        $folds = [];
        foreach (Edges::of($mesh)->pairs as $edge => [$one, $other]) {
            [$a, $b] = [$normals[$one], $normals[$other]];
            $degrees = rad2deg(acos(max(-1.0, min(1.0, $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2]))));
            $across = 0.0;
            for ($axis = 0; $axis < 3; $axis++) {
                $across += ($middles[$other][$axis] - $middles[$one][$axis]) * ($a[$axis] - $b[$axis]);
            }
            $folds[$edge] = $across > 0.0 ? $degrees : self::RIDGE * $degrees;
        }

        return $folds;
    }

    /** @return list<array{float, float, float}> of each triangle, half its own and half what its corners have: how a sculpt was cut counts less */
    private static function evenNormals(Mesh $mesh): array
    {
        $corners = $mesh->normals();
        $even = [];
        foreach (array_chunk($mesh->triangles, 3) as [$a, $b, $c]) {
            $sum = [0.0, 0.0, 0.0];
            for ($axis = 0; $axis < 3; $axis++) {
                $sum[$axis] = $corners[3 * $a + $axis] + $corners[3 * $b + $axis] + $corners[3 * $c + $axis];
            }
            $length = max(1e-9, sqrt($sum[0] ** 2 + $sum[1] ** 2 + $sum[2] ** 2));
            $even[] = [$sum[0] / $length, $sum[1] / $length, $sum[2] / $length];
        }

        return $even;
    }

    /** @return list<array{float, float, float}> */
    private static function middles(Mesh $mesh): array
    {
        $middles = [];
        foreach (array_chunk($mesh->triangles, 3) as [$a, $b, $c]) {
            $middle = [0.0, 0.0, 0.0];
            for ($axis = 0; $axis < 3; $axis++) {
                $middle[$axis] = ($mesh->positions[3 * $a + $axis] + $mesh->positions[3 * $b + $axis] + $mesh->positions[3 * $c + $axis]) / 3;
            }
            $middles[] = $middle;
        }

        return $middles;
    }
}
