<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

/**
 * Finds good mixes of three where there are far too many to try. By the tangent, a triple is a triangle in space, and a good one passes close by
 * the target. Those that do are looked at for real, and the whole ratios round the point nearest to the target are tried.
 */
final class TripleHunt
{
    /** A triangle that passes by farther off, by the tangent, is not worth a look: the tangent is off by about so much. */
    private const PASSES_BY = 3.0;

    /** Shares of a paint may come out this much below nothing, and round to one part all the same. */
    private const OUTSIDE = 0.06;

    private const LEAST_SHARE = 0.01;

    /** A ratio is tried when the tangent, corrected by the real look, sees it no farther off than the worst that is kept and this. */
    private const SLACK = 0.5;

    /** Shares are told apart in steps of one part in so many when ratios round them are asked for. */
    private const GRID = 40;

    /** @var array<int, list<array{int, int, int}>> place on the grid => ratios round it */
    private array $ratios = [];

    public function __construct(
        private readonly Palette $palette,
        private readonly MixRules $rules,
        private readonly MixTangent $tangent,
    ) {}

    /** @param list<int> $among places on the shelf */
    public function triples(BestMixes $best, array $among): void
    {
        sort($among);
        $count = count($among);
        for ($x = 0; $x < $count - 2; $x++) {
            for ($y = $x + 1; $y < $count - 1; $y++) {
                $this->thirds($best, $among[$x], $among[$y], array_slice($among, $y + 1));
            }
        }
    }

    /**
     * All with these two. The innermost loop of the hunt: bare numbers, nothing called before most triangles have fallen out.
     *
     * @param list<int> $thirds
     */
    private function thirds(BestMixes $best, int $i, int $j, array $thirds): void
    {
        [$pull1, $pull2, $pull3] = [$this->tangent->pull1, $this->tangent->pull2, $this->tangent->pull3];
        [$one1, $one2, $one3] = [$pull1[$i], $pull2[$i], $pull3[$i]];
        [$d1, $d2, $d3] = [$this->tangent->goal[0] - $one1, $this->tangent->goal[1] - $one2, $this->tangent->goal[2] - $one3];
        [$e1, $e2, $e3] = [$pull1[$j] - $one1, $pull2[$j] - $one2, $pull3[$j] - $one3];
        $ee = $e1 * $e1 + $e2 * $e2 + $e3 * $e3;
        $ed = $e1 * $d1 + $e2 * $d2 + $e3 * $d3;
        foreach ($thirds as $k) {
            [$f1, $f2, $f3] = [$pull1[$k] - $one1, $pull2[$k] - $one2, $pull3[$k] - $one3];
            $ff = $f1 * $f1 + $f2 * $f2 + $f3 * $f3;
            $ef = $e1 * $f1 + $e2 * $f2 + $e3 * $f3;
            $fd = $f1 * $d1 + $f2 * $d2 + $f3 * $d3;
            $area = $ee * $ff - $ef * $ef;
            $second = ($ff * $ed - $ef * $fd) / ($area + 1e-9);
            $third = ($ee * $fd - $ef * $ed) / ($area + 1e-9);
            if ($second < -self::OUTSIDE || $third < -self::OUTSIDE || $second + $third > 1.0 + self::OUTSIDE) {
                continue;
            }
            $off1 = $second * $e1 + $third * $f1 - $d1;
            $off2 = $second * $e2 + $third * $f2 - $d2;
            $off3 = $second * $e3 + $third * $f3 - $d3;
            if ($off1 * $off1 + $off2 * $off2 + $off3 * $off3 < self::PASSES_BY ** 2 && $area > 1e-9 && $this->rules->hold([$i, $j, $k])) {
                $this->look($best, [$i, $j, $k], [[$e1, $e2, $e3], [$f1, $f2, $f3]], [$ee, $ef, $ff], $second, $third);
            }
        }
    }

    /**
     * Looks where the tangent says the triangle is nearest, and goes on from what is really there.
     *
     * @param array{int, int, int} $paints
     * @param array{array{float, float, float}, array{float, float, float}} $edges from the first paint to the others
     * @param array{float, float, float} $products of the edges: the first's square, both, the second's square
     * @param float $second weight of the second paint: its share times its strength
     */
    private function look(BestMixes $best, array $paints, array $edges, array $products, float $second, float $third): void
    {
        [$first, $second, $third] = self::shares(1.0 - $second - $third, $second, $third);
        $off = $this->tangent->offset(Palette::lab($this->palette->lightOfThree(...$paints, ...$this->volumes($paints, $first, $second, $third))));

        [[$ee, $ef, $ff], [$e, $f]] = [$products, $edges];
        $eo = $e[0] * $off[0] + $e[1] * $off[1] + $e[2] * $off[2];
        $fo = $f[0] * $off[0] + $f[1] * $off[1] + $f[2] * $off[2];
        $toSecond = $second - ($ff * $eo - $ef * $fo) / ($ee * $ff - $ef * $ef);
        $toThird = $third - ($ee * $fo - $ef * $eo) / ($ee * $ff - $ef * $ef);
        $near = $this->volumes($paints, ...self::shares(1.0 - $toSecond - $toThird, $toSecond, $toThird));

        [$i, $j, $k] = $paints;
        [$s1, $s2, $s3] = [$this->tangent->strength[$i], $this->tangent->strength[$j], $this->tangent->strength[$k]];
        $limit = ($best->worst + self::SLACK) ** 2;
        $place = (int) ($near[0] * self::GRID) * (self::GRID + 1) + (int) ($near[1] * self::GRID);
        foreach ($this->ratios[$place] ??= $this->ratiosRound($near) as [$p, $q, $r]) {
            $weight = $p * $s1 + $q * $s2 + $r * $s3;
            $by2 = $q * $s2 / $weight - $second;
            $by3 = $r * $s3 / $weight - $third;
            $off1 = $off[0] + $by2 * $e[0] + $by3 * $f[0];
            $off2 = $off[1] + $by2 * $e[1] + $by3 * $f[1];
            $off3 = $off[2] + $by2 * $e[2] + $by3 * $f[2];
            if ($off1 * $off1 + $off2 * $off2 + $off3 * $off3 < $limit && $this->rules->allow($paints, [$p, $q, $r])) {
                $total = $p + $q + $r;
                $best->consider(
                    Palette::lab($this->palette->lightOfThree($i, $j, $k, $p / $total, $q / $total, $r / $total)),
                    $paints,
                    [$p, $q, $r],
                );
            }
        }
    }

    /**
     * @param array{float, float, float} $near shares by volume
     *
     * @return list<array{int, int, int}> in lowest terms, up to four for each number of parts
     */
    private function ratiosRound(array $near): array
    {
        $ratios = [];
        for ($total = 3; $total <= $this->rules->limits->mostParts; $total++) {
            [$low1, $low2] = [(int) ($near[0] * $total), (int) ($near[1] * $total)];
            foreach ([[$low1, $low2], [$low1 + 1, $low2], [$low1, $low2 + 1], [$low1 + 1, $low2 + 1]] as [$p, $q]) {
                if ($p > 0 && $q > 0 && $p + $q < $total && Ratios::isLowest([$p, $q, $total - $p - $q])) {
                    $ratios[] = [$p, $q, $total - $p - $q];
                }
            }
        }

        return $ratios;
    }

    /**
     * @param array{int, int, int} $paints
     *
     * @return array{float, float, float} from weights to shares by volume
     */
    private function volumes(array $paints, float $first, float $second, float $third): array
    {
        $strength = $this->tangent->strength;

        return self::shares($first / $strength[$paints[0]], $second / $strength[$paints[1]], $third / $strength[$paints[2]]);
    }

    /** @return array{float, float, float} none below the least, all adding up to one */
    private static function shares(float $one, float $two, float $three): array
    {
        [$one, $two, $three] = [max(self::LEAST_SHARE, $one), max(self::LEAST_SHARE, $two), max(self::LEAST_SHARE, $three)];
        $sum = $one + $two + $three;

        return [$one / $sum, $two / $sum, $three / $sum];
    }
}
