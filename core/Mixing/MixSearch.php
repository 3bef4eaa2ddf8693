<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

/**
 * The search through pairs and triples. A whole range of ratios is left out when the colours between its ends cannot come near the target.
 */
final class MixSearch
{
    /** Ranges of so few ratios are tried one by one: that costs no more than bounding them. */
    private const FEW = 2;

    /** The bounds are drawn anew when the best known answers have become this much better. */
    private const WORTH_REDRAWING = 0.65;

    /** A see-through coat of a mix may lie outside its ingredients' by this much reflectance (0.002 was the most found). */
    private const SEE_THROUGH_SLACK = 0.004;

    /** @var list<list<int>> ratios of two by rising share of the first */
    private array $pairRatios;

    /** @var list<float> */
    private array $pairShares;

    /**
     * @var list<array{array{array{int, int, int}, array{int, int, int}, array{int, int, int}}, list<array{array{array{int, int, int}, array{int, int, int}, array{int, int, int}}, list<array{list<int>, float, float, float}>}>}>
     */
    private readonly array $triangles;

    private Vicinity $vicinity;

    private float $drawnFor = INF;

    private readonly Spans $spans;

    public function __construct(
        private readonly MixTarget $target,
        private readonly Palette $palette,
        private readonly MixRules $rules,
    ) {
        $this->spans = new Spans($palette);
        $this->pairRatios = Ratios::ofTwoByShare($rules->limits->mostParts);
        $this->pairShares = array_map(static fn(array $ratio): float => $ratio[0] / ($ratio[0] + $ratio[1]), $this->pairRatios);
        $this->triangles = SharesOfThree::upTo($rules->limits->mostParts);
    }

    /** @param list<int> $among places on the shelf, the likeliest first */
    public function singles(BestMixes $best, array $among): void
    {
        foreach ($among as $i) {
            if ($this->rules->hold([$i]) && $this->rules->allow([$i], [1])) {
                // By its film, as mixes are: a swatch may be a colour that no paint has.
                $best->consider(Palette::lab($this->palette->lightOfTwo($i, $i, 1.0)), [$i], [1]);
            }
        }
    }

    /** @param list<int> $among places on the shelf, the likeliest first */
    public function pairs(BestMixes $best, array $among): void
    {
        $this->drawnFor = INF;
        $this->redraw($best);
        $last = count($this->pairRatios) - 1;
        $spans = $this->spans->ofPaints;
        $insists = $this->rules->limits->insist !== [];
        foreach ($among as $at => $one) {
            for ($before = 0; $before < $at; $before++) {
                $other = $among[$before];
                // The first look at a pair is the one most often taken, and most often the last.
                if (! $this->vicinity->meets($spans[$one], $spans[$other]) || ($insists && ! $this->rules->hold([$one, $other]))) {
                    continue;
                }
                $first = $one < $other ? $one : $other;
                $second = $one < $other ? $other : $one;
                $this->range($best, $first, $second, 0, $last, $spans[$second], $spans[$first]);
            }
        }
    }

    /**
     * Each of these in every ratio.
     *
     * @param list<array{int, int}> $pairs places on the shelf
     */
    public function these(BestMixes $best, array $pairs): void
    {
        foreach ($pairs as [$one, $other]) {
            [$first, $second] = [min($one, $other), max($one, $other)];
            if (! $this->rules->hold([$first, $second])) {
                continue;
            }
            foreach ($this->pairRatios as $at => $ratio) {
                if ($this->rules->allow([$first, $second], $ratio)) {
                    $best->consider(Palette::lab($this->palette->lightOfTwo($first, $second, $this->pairShares[$at])), [$first, $second], $ratio);
                }
            }
        }
    }

    /** @param list<int> $among places on the shelf */
    public function triples(BestMixes $best, array $among): void
    {
        $this->drawnFor = INF;
        sort($among);
        $count = count($among);
        $spans = $this->spans->ofPaints;
        for ($x = 0; $x < $count; $x++) {
            for ($y = $x + 1; $y < $count; $y++) {
                for ($z = $y + 1; $z < $count; $z++) {
                    [$i, $j, $k] = [$among[$x], $among[$y], $among[$z]];
                    if (! $this->rules->hold([$i, $j, $k])) {
                        continue;
                    }
                    $this->redraw($best);
                    if ($this->vicinity->meetsBetween($spans[$i], $spans[$j], $spans[$k])) {
                        $this->triple($best, $i, $j, $k);
                    }
                }
            }
        }
    }

    /**
     * Each third paint with these two.
     *
     * @param list<int> $among places on the shelf
     */
    public function thirds(BestMixes $best, int $one, int $other, array $among): void
    {
        $this->drawnFor = INF;
        $spans = $this->spans->ofPaints;
        foreach ($among as $i) {
            if ($i === $one || $i === $other) {
                continue;
            }
            $places = [$one, $other, $i];
            sort($places);
            if (! $this->rules->hold($places)) {
                continue;
            }
            $this->redraw($best);
            if ($this->vicinity->meetsBetween($spans[$one], $spans[$other], $spans[$i])) {
                $this->triple($best, ...$places);
            }
        }
    }

    private function triple(BestMixes $best, int $i, int $j, int $k): void
    {
        foreach ($this->triangles as [$corners, $smaller]) {
            if (! $this->holdsNear($i, $j, $k, $corners)) {
                continue;
            }
            foreach ($smaller as [$inner, $ratios]) {
                if (! $this->holdsNear($i, $j, $k, $inner)) {
                    continue;
                }
                foreach ($ratios as [$ratio, $share1, $share2, $share3]) {
                    $light = $this->palette->lightOfThree($i, $j, $k, $share1, $share2, $share3);
                    if ($this->vicinity->holds($light) && $this->rules->allow([$i, $j, $k], $ratio)) {
                        $best->consider(Palette::lab($light), [$i, $j, $k], $ratio);
                    }
                }
            }
        }
    }

    /** @param array{array{int, int, int}, array{int, int, int}, array{int, int, int}} $corners */
    private function holdsNear(int $i, int $j, int $k, array $corners): bool
    {
        [[$a1, $a2, $a3], [$b1, $b2, $b3], [$c1, $c2, $c3]] = $corners;

        return $this->vicinity->meetsBetween(
            $this->spans->ofThree($i, $j, $k, $a1, $a2, $a3),
            $this->spans->ofThree($i, $j, $k, $b1, $b2, $b3),
            $this->spans->ofThree($i, $j, $k, $c1, $c2, $c3),
        );
    }

    /**
     * @param array{list<float>, list<float>} $below span just below the range
     * @param array{list<float>, list<float>} $above span just above it
     */
    private function range(BestMixes $best, int $first, int $second, int $from, int $to, array $below, array $above): void
    {
        if ($from > $to) {
            return;
        }
        $this->redraw($best);
        if ($to - $from < self::FEW) {
            for ($at = $from; $at <= $to; $at++) {
                $this->considerPair($best, $first, $second, $at, $this->palette->lightOfTwo($first, $second, $this->pairShares[$at]));
            }

            return;
        }
        if (! $this->vicinity->meets($below, $above)) {
            return;
        }
        $middle = ($from + $to) >> 1;
        [$lows, $highs, $x, $y, $z] = $this->palette->spanOfTwo($first, $second, $this->pairShares[$middle]);
        $this->considerPair($best, $first, $second, $middle, [$x, $y, $z]);
        $span = [$lows, $highs];
        $this->range($best, $first, $second, $from, $middle - 1, $below, $span);
        $this->range($best, $first, $second, $middle + 1, $to, $span, $above);
    }

    /** @param array{float, float, float} $light X, Y, Z */
    private function considerPair(BestMixes $best, int $first, int $second, int $at, array $light): void
    {
        if ($this->vicinity->holds($light) && $this->rules->allow([$first, $second], $this->pairRatios[$at])) {
            $best->consider(Palette::lab($light), [$first, $second], $this->pairRatios[$at]);
        }
    }

    private function redraw(BestMixes $best): void
    {
        if ($best->worst < self::WORTH_REDRAWING * $this->drawnFor) {
            $this->drawnFor = $best->worst;
            $this->vicinity = Vicinity::around(
                $this->target->colour,
                $best->worst,
                $this->palette->isSeeThrough ? self::SEE_THROUGH_SLACK : 0.0,
                $best->nearest,
            );
        }
    }
}
