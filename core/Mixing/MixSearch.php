<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Paint\Paint;

/**
 * The search through pairs and triples. A whole range of ratios is left out when the colours between its ends cannot come near the target.
 */
final class MixSearch
{
    /** Ranges of so few ratios are tried one by one: that costs no more than bounding them. */
    private const FEW = 2;

    /** The bounds are drawn anew when the best known answers have become this much better. */
    private const WORTH_REDRAWING = 0.8;

    /** A see-through coat of a mix may lie outside its ingredients' by this much reflectance (0.002 was the most found). */
    private const SEE_THROUGH_SLACK = 0.004;

    /** @var list<list<int>> ratios of two by rising share of the first */
    private array $pairRatios;

    /** @var list<float> */
    private array $pairShares;

    /** @var list<array{array{array{int, int, int}, array{int, int, int}, array{int, int, int}}, list<array{array{array{int, int, int}, array{int, int, int}, array{int, int, int}}, list<array{list<int>, float, float, float}>}>}> */
    private readonly array $triangles;

    /** @var list<float> what each group of bands adds to Y */
    private readonly array $weightY;

    /** @var list<array{float, float, float, float, float, float}> what each group adds to X, Z, and up and down to the two opponents */
    private readonly array $bounds;

    private Vicinity $vicinity;

    private float $drawnFor = INF;

    private readonly Palette $palette;

    /** @var list<float> largest share of each paint, 1 for no limit */
    private array $mostShare;

    /** @var list<bool> */
    private array $tints;

    private readonly bool $isFree;

    /** @param list<Paint> $paints that may be used */
    public function __construct(
        private readonly MixTarget $target,
        array $paints,
        private readonly MixLimits $limits,
    ) {
        $this->palette = new Palette($paints, $target->film === Film::SeeThrough);
        $this->mostShare = array_map(static fn(Paint $paint): float => $limits->mostShare[$paint->id] ?? 1.0, $paints);
        $this->tints = array_map(static fn(Paint $paint): bool => $paint->kind->isTransparent(), $paints);
        $this->isFree = min([1.0, ...$this->mostShare]) >= 1.0 && count(array_unique($this->tints)) < 2;
        $this->pairRatios = Ratios::ofTwoByShare($limits->mostParts);
        $this->pairShares = array_map(static fn(array $ratio): float => $ratio[0] / ($ratio[0] + $ratio[1]), $this->pairRatios);
        [$x, $this->weightY, $z] = Palette::groupWeights();
        [$u, $v] = Palette::opponentWeights();
        $this->bounds = array_map(
            static fn(float $x, float $z, float $u, float $v): array => [$x, $z, max(0.0, $u), min(0.0, $u), max(0.0, $v), min(0.0, $v)],
            $x,
            $z,
            $u,
            $v,
        );
        $this->triangles = SharesOfThree::upTo($limits->mostParts);
    }

    /** @param list<int> $among places on the shelf, the likeliest first */
    public function singles(BestMixes $best, array $among): void
    {
        foreach ($among as $i) {
            if ($this->isHeld([$i]) && $this->isAllowed([$i], [1])) {
                $colour = $this->palette->paints[$i]->colour();
                $best->consider([$colour->lightness, $colour->a, $colour->b], [$i], [1]);
            }
        }
    }

    /** @param list<int> $among places on the shelf, the likeliest first */
    public function pairs(BestMixes $best, array $among): void
    {
        $this->drawnFor = INF;
        $last = count($this->pairRatios) - 1;
        foreach ($among as $at => $one) {
            for ($before = 0; $before < $at; $before++) {
                $other = $among[$before];
                $first = $one < $other ? $one : $other;
                $second = $one < $other ? $other : $one;
                if ($this->limits->insist !== [] && ! $this->isHeld([$first, $second])) {
                    continue;
                }
                $this->range($best, $first, $second, 0, $last, $this->palette->spans[$second], $this->palette->spans[$first]);
            }
        }
    }

    /** @param list<int> $among places on the shelf */
    public function triples(BestMixes $best, array $among): void
    {
        $this->drawnFor = INF;
        sort($among);
        $count = count($among);
        $spans = $this->palette->spans;
        for ($x = 0; $x < $count; $x++) {
            for ($y = $x + 1; $y < $count; $y++) {
                for ($z = $y + 1; $z < $count; $z++) {
                    [$i, $j, $k] = [$among[$x], $among[$y], $among[$z]];
                    if ($this->limits->insist !== [] && ! $this->isHeld([$i, $j, $k])) {
                        continue;
                    }
                    $this->redraw($best);
                    if ($this->mayReach($spans[$i], $spans[$j], $spans[$k])) {
                        $this->triple($best, $i, $j, $k);
                    }
                }
            }
        }
    }

    /** Every third paint of the whole shelf with these two. */
    public function thirds(BestMixes $best, int $one, int $other): void
    {
        $this->drawnFor = INF;
        $spans = $this->palette->spans;
        foreach ($spans as $i => $span) {
            if ($i === $one || $i === $other) {
                continue;
            }
            $places = [$one, $other, $i];
            sort($places);
            if ($this->limits->insist !== [] && ! $this->isHeld($places)) {
                continue;
            }
            $this->redraw($best);
            if ($this->mayReach($spans[$one], $spans[$other], $span)) {
                $this->triple($best, ...$places);
            }
        }
    }

    /** @return list<array{float, float, float}> Lab of each paint by itself */
    public function colours(): array
    {
        return $this->palette->colours;
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
                    if ($this->isFree || $this->isAllowed([$i, $j, $k], $ratio)) {
                        $best->consider($this->palette->colourOfThree($i, $j, $k, $share1, $share2, $share3), [$i, $j, $k], $ratio);
                    }
                }
            }
        }
    }

    /** @param array{array{int, int, int}, array{int, int, int}, array{int, int, int}} $corners */
    private function holdsNear(int $i, int $j, int $k, array $corners): bool
    {
        [[$a1, $a2, $a3], [$b1, $b2, $b3], [$c1, $c2, $c3]] = $corners;

        return $this->mayReach(
            $this->palette->spanOfThree($i, $j, $k, $a1, $a2, $a3),
            $this->palette->spanOfThree($i, $j, $k, $b1, $b2, $b3),
            $this->palette->spanOfThree($i, $j, $k, $c1, $c2, $c3),
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
        if ($to - $from < self::FEW) {
            for ($at = $from; $at <= $to; $at++) {
                if ($this->isFree || $this->isAllowed([$first, $second], $this->pairRatios[$at])) {
                    $best->consider($this->palette->colourOfTwo($first, $second, $this->pairShares[$at]), [$first, $second], $this->pairRatios[$at]);
                }
            }

            return;
        }
        $this->redraw($best);
        if (! $this->mayReachBetween($below, $above)) {
            return;
        }
        $middle = ($from + $to) >> 1;
        $span = Palette::span($this->pair($best, $first, $second, $middle));
        $this->range($best, $first, $second, $from, $middle - 1, $below, $span);
        $this->range($best, $first, $second, $middle + 1, $to, $span, $above);
    }

    /** @return list<float> what the mix reflects */
    private function pair(BestMixes $best, int $first, int $second, int $at): array
    {
        $bands = $this->palette->pair($first, $second, $this->pairShares[$at]);
        if ($this->isFree || $this->isAllowed([$first, $second], $this->pairRatios[$at])) {
            $best->consider(Palette::colour($bands), [$first, $second], $this->pairRatios[$at]);
        }

        return $bands;
    }

    /**
     * Whether anything between these spectra could lie near enough to the target.
     *
     * @param array{list<float>, list<float>} $one
     * @param array{list<float>, list<float>} $two
     * @param array{list<float>, list<float>} $three
     */
    private function mayReach(array $one, array $two, array $three): bool
    {
        [$low1, $high1] = $one;
        [$low2, $high2] = $two;
        [$low3, $high3] = $three;
        $lows = $highs = [];
        $least = $most = 0.0;
        foreach ($this->weightY as $i => $weight) {
            $low = $low1[$i] < $low2[$i] ? $low1[$i] : $low2[$i];
            $low = $low3[$i] < $low ? $low3[$i] : $low;
            $high = $high1[$i] > $high2[$i] ? $high1[$i] : $high2[$i];
            $high = $high3[$i] > $high ? $high3[$i] : $high;
            $lows[] = $low;
            $highs[] = $high;
            $least += $weight * $low;
            $most += $weight * $high;
        }

        return $most >= $this->vicinity->leastY && $least <= $this->vicinity->mostY && $this->mayHoldHue($lows, $highs);
    }

    /**
     * The same for two, which is asked most of all.
     *
     * @param array{list<float>, list<float>} $one
     * @param array{list<float>, list<float>} $two
     */
    private function mayReachBetween(array $one, array $two): bool
    {
        [$low1, $high1] = $one;
        [$low2, $high2] = $two;
        $lows = $highs = [];
        $least = $most = 0.0;
        foreach ($this->weightY as $i => $weight) {
            $low = $low1[$i] < $low2[$i] ? $low1[$i] : $low2[$i];
            $high = $high1[$i] > $high2[$i] ? $high1[$i] : $high2[$i];
            $lows[] = $low;
            $highs[] = $high;
            $least += $weight * $low;
            $most += $weight * $high;
        }

        return $most >= $this->vicinity->leastY && $least <= $this->vicinity->mostY && $this->mayHoldHue($lows, $highs);
    }

    /**
     * X and Z, and the two opponents: the redness X/Xₙ − Y and the yellowness Y − Z/Zₙ.
     *
     * @param list<float> $lows
     * @param list<float> $highs
     */
    private function mayHoldHue(array $lows, array $highs): bool
    {
        $leastX = $mostX = $leastZ = $mostZ = $leastU = $mostU = $leastV = $mostV = 0.0;
        foreach ($this->bounds as $i => [$x, $z, $uRising, $uFalling, $vRising, $vFalling]) {
            $low = $lows[$i];
            $high = $highs[$i];
            $leastX += $x * $low;
            $mostX += $x * $high;
            $leastZ += $z * $low;
            $mostZ += $z * $high;
            $leastU += $uRising * $low + $uFalling * $high;
            $mostU += $uRising * $high + $uFalling * $low;
            $leastV += $vRising * $low + $vFalling * $high;
            $mostV += $vRising * $high + $vFalling * $low;
        }
        $near = $this->vicinity;

        return $mostX >= $near->leastX && $leastX <= $near->mostX && $mostZ >= $near->leastZ && $leastZ <= $near->mostZ
            && $mostU >= $near->leastU && $leastU <= $near->mostU && $mostV >= $near->leastV && $leastV <= $near->mostV;
    }

    private function redraw(BestMixes $best): void
    {
        if ($best->worst < self::WORTH_REDRAWING * $this->drawnFor) {
            $this->drawnFor = $best->worst;
            $this->vicinity = Vicinity::around($this->target->colour, $best->worst, $this->palette->isSeeThrough ? self::SEE_THROUGH_SLACK : 0.0);
        }
    }

    /**
     * All that must be in it is in it.
     *
     * @param list<int> $paints
     */
    private function isHeld(array $paints): bool
    {
        foreach ($this->limits->insist as $id) {
            $holds = false;
            foreach ($paints as $i) {
                $holds = $holds || $this->palette->paints[$i]->id === $id;
            }
            if (! $holds) {
                return false;
            }
        }

        return true;
    }

    /**
     * Enough is left of each paint, and the mix is of the film wanted.
     *
     * @param list<int> $paints
     * @param list<int> $parts
     */
    private function isAllowed(array $paints, array $parts): bool
    {
        $total = array_sum($parts);
        $tinting = 0;
        foreach ($paints as $at => $i) {
            if ($parts[$at] > $total * $this->mostShare[$i] + 1e-9) {
                return false;
            }
            $tinting += $this->tints[$i] ? $parts[$at] : 0;
        }

        return (2 * $tinting > $total) === $this->palette->isSeeThrough;
    }
}
