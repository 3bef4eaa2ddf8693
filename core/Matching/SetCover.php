<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

/**
 * Weighted set cover, solved exactly by branch and bound.
 *
 * Branches on the need that fewest boxes meet. The bound is that of dual ascent: each open need may charge as much as the boxes
 * that meet it can still bear, and no cover costs less than the sum of the charges.
 */
final class SetCover
{
    public const MOST_NEEDS = 60;

    /** Beyond so many branches the best found so far is taken, and said not to be proven. Never reached in the sizes we promise. */
    private const MOST_BRANCHES = 400_000;

    /** @var list<int> boxes of the best cover */
    private array $best = [];

    private float $bestCost;

    private int $branches = 0;

    /** @var list<list<int>> need => boxes that meet it, cheapest per need first */
    private array $meeting = [];

    private float $credit;

    /**
     * @param list<int> $masks box => bits of the needs it meets
     * @param list<float> $weights box => what is to be kept small; may be negative
     * @param list<float> $prices box => what counts against the budget
     * @param list<float> $penalties need => what leaving it open costs; INF when it may not be
     */
    private function __construct(
        private readonly int $needs,
        private readonly array $masks,
        private readonly array $weights,
        private readonly array $prices,
        private readonly array $penalties,
        private readonly float $budget,
    ) {
        for ($need = 0; $need < $needs; $need++) {
            $boxes = array_keys(array_filter($masks, static fn(int $mask): bool => ($mask >> $need & 1) === 1));
            usort($boxes, fn(int $one, int $other): int => [$this->perNeed($one), $one] <=> [$this->perNeed($other), $other]);
            $this->meeting[] = $boxes;
        }
        $this->credit = array_sum(array_filter($weights, static fn(float $weight): bool => $weight < 0.0));
    }

    /**
     * @param list<int> $masks box => bits of the needs it meets
     * @param list<float> $weights box => what is to be kept small
     * @param list<float>|null $prices box => what counts against the budget; the weights when null
     * @param list<float>|null $penalties need => what leaving it open costs; null when none may be left
     *
     * @return array{list<int>, bool} boxes, and whether it is proven that nothing is better
     *
     * @throws IllegalList when there are more needs than bits
     */
    public static function solve(
        int $needs,
        array $masks,
        array $weights,
        ?array $prices = null,
        ?array $penalties = null,
        float $budget = INF,
    ): array {
        if ($needs > self::MOST_NEEDS) {
            throw IllegalList::tooManyNeeds(self::MOST_NEEDS);
        }
        $cover = new self($needs, $masks, $weights, $prices ?? $weights, $penalties ?? array_fill(0, $needs, INF), $budget);
        $cover->bestCost = INF;
        $cover->branch((1 << $needs) - 1, [], 0.0, 0.0);

        return [$cover->best, $cover->branches < self::MOST_BRANCHES];
    }

    /** @param list<int> $taken */
    private function branch(int $open, array $taken, float $cost, float $spent): void
    {
        if ($open === 0) {
            if ($cost < $this->bestCost - 1e-9) {
                $this->bestCost = $cost;
                $this->best = $taken;
            }

            return;
        }
        if (++$this->branches > self::MOST_BRANCHES || $cost + $this->bound($open, $spent) >= $this->bestCost - 1e-9) {
            return;
        }
        $need = $this->hardest($open);
        foreach ($this->meeting[$need] as $box) {
            if ($spent + $this->prices[$box] <= $this->budget + 1e-9) {
                $this->branch($open & ~$this->masks[$box], [...$taken, $box], $cost + $this->weights[$box], $spent + $this->prices[$box]);
            }
        }
        if ($this->penalties[$need] < INF) {
            $this->branch($open & ~(1 << $need), $taken, $cost + $this->penalties[$need], $spent);
        }
    }

    /** The open need that fewest boxes meet. */
    private function hardest(int $open): int
    {
        $hardest = 0;
        $fewest = PHP_INT_MAX;
        for ($need = 0; $need < $this->needs; $need++) {
            if (($open >> $need & 1) === 1 && count($this->meeting[$need]) < $fewest) {
                $hardest = $need;
                $fewest = count($this->meeting[$need]);
            }
        }

        return $hardest;
    }

    /** What meeting the open needs costs at least. */
    private function bound(int $open, float $spent): float
    {
        $left = array_map(static fn(float $weight): float => max(0.0, $weight), $this->weights);
        $sum = 0.0;
        for ($need = 0; $need < $this->needs; $need++) {
            if (($open >> $need & 1) === 0) {
                continue;
            }
            $charge = $this->penalties[$need];
            foreach ($this->meeting[$need] as $box) {
                $charge = $left[$box] < $charge ? $left[$box] : $charge;
            }
            if ($charge === INF) {
                return INF;
            }
            foreach ($this->meeting[$need] as $box) {
                $left[$box] -= $charge;
            }
            $sum += $charge;
        }

        return max($sum, $this->penaltyBound($open, $spent)) + $this->credit;
    }

    /**
     * With so little of the budget left, some needs must stay open. What the rest of it saves of their penalties is no more than if every
     * need cost only its share of the cheapest box, and the last one could be met in part: those that save most for their share first.
     */
    private function penaltyBound(int $open, float $spent): float
    {
        if ($this->budget === INF) {
            return 0.0;
        }
        $sum = 0.0;
        $savings = [];
        for ($need = 0; $need < $this->needs; $need++) {
            if (($open >> $need & 1) === 0) {
                continue;
            }
            if ($this->penalties[$need] === INF) {
                return 0.0;
            }
            $share = INF;
            foreach ($this->meeting[$need] as $box) {
                $share = min($share, $this->prices[$box] / self::bits($this->masks[$box] & $open));
            }
            $sum += $this->penalties[$need];
            $savings[] = [$share / $this->penalties[$need], $share, $this->penalties[$need]];
        }
        sort($savings);
        $left = $this->budget - $spent;
        foreach ($savings as [, $share, $penalty]) {
            if ($share > $left) {
                return max(0.0, $sum - ($share > 0.0 ? $penalty * $left / $share : 0.0));
            }
            $left -= $share;
            $sum -= $penalty;
        }

        return 0.0;
    }

    private function perNeed(int $box): float
    {
        return $this->weights[$box] / max(1, self::bits($this->masks[$box]));
    }

    private static function bits(int $mask): int
    {
        $count = 0;
        while ($mask !== 0) {
            $mask &= $mask - 1;
            $count++;
        }

        return $count;
    }
}
