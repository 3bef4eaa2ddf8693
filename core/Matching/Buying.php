<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Paint\Paint;

/**
 * What to buy so that all wanted paints can be had: the cheapest purchase, that of fewest boxes, and the one of best value.
 */
final class Buying
{
    public const USUAL_TOLERANCE = 4.0;

    public const MOST_TOLERANCE = 20.0;

    /** Part of a pot's price at which a really new paint that nobody asked for is counted as value. */
    private const WORTH_OF_EXTRA = 0.35;

    /** @var list<int> box => bits of the groups it meets */
    private array $masks = [];

    /** @var list<list<Paint>> needs that the very same boxes meet */
    private array $groups = [];

    /** @var list<ForSale> that meet anything */
    private array $boxes = [];

    /** @var array<string, true> ids of what is owned */
    private readonly array $ownedIds;

    /** @var list<Paint> nobody sells anything like them, and nothing on the shelf does */
    public readonly array $unmeetable;

    /** @var list<array{Paint, Paint, float}> wanted and for sale only as what stands on the shelf already: wanted, owned, ΔE₀₀ */
    public readonly array $onShelf;

    /**
     * @param list<Paint> $needs
     * @param list<ForSale> $forSale
     * @param list<Paint> $owned
     */
    private function __construct(
        array $needs,
        array $forSale,
        private readonly array $owned,
        private readonly float $tolerance,
        private readonly ?int $budget,
    ) {
        $this->ownedIds = array_fill_keys(array_column($owned, 'id'), true);
        $unmeetable = $onShelf = [];
        $groups = [];
        foreach ($needs as $need) {
            $by = array_keys(array_filter($forSale, fn(ForSale $box): bool => $this->best($need, $box) !== null));
            if ($by !== []) {
                $groups[implode(' ', $by)][] = $need;
                continue;
            }
            $near = $this->nearest($need, $owned);
            if ($near === null) {
                $unmeetable[] = $need;
            } else {
                $onShelf[] = [$need, ...$near];
            }
        }
        $this->unmeetable = $unmeetable;
        $this->onShelf = $onShelf;
        $this->groups = array_values($groups);
        if (count($this->groups) > SetCover::MOST_NEEDS) {
            throw IllegalList::tooManyNeeds(SetCover::MOST_NEEDS);
        }
        $masks = [];
        foreach (array_keys($groups) as $bit => $boxes) {
            foreach (explode(' ', (string) $boxes) as $box) {
                $masks[(int) $box] = ($masks[(int) $box] ?? 0) | 1 << $bit;
            }
        }
        ksort($masks);
        foreach ($masks as $box => $mask) {
            $this->boxes[] = $forSale[$box];
            $this->masks[] = $mask;
        }
    }

    /**
     * @param list<Paint> $needs wanted and not owned
     * @param list<ForSale> $forSale
     * @param list<Paint> $owned
     * @param float $tolerance ΔE₀₀ within which a paint of a kind that behaves alike will do
     * @param int|null $budget minor units
     *
     * @throws IllegalList when tolerance or budget make no sense, or there are too many needs
     */
    public static function of(array $needs, array $forSale, array $owned, float $tolerance = self::USUAL_TOLERANCE, ?int $budget = null): self
    {
        if (! ($tolerance >= 0.0 && $tolerance <= self::MOST_TOLERANCE)) {
            throw IllegalList::tolerance($tolerance);
        }
        if ($budget !== null && $budget < 0) {
            throw IllegalList::budget($budget);
        }

        return new self($needs, $forSale, $owned, $tolerance, $budget);
    }

    /** Meets most needs that the budget allows, at the least price. */
    public function cheapest(): Purchase
    {
        return $this->purchase(array_map(static fn(ForSale $box): float => $box->price, $this->boxes), 1.0 + $this->sum());
    }

    /** The fewest things in the basket; of equals the cheapest. */
    public function fewestBoxes(): Purchase
    {
        $box = 1.0 + $this->sum();

        return $this->purchase(array_map(static fn(ForSale $one): float => $box + $one->price, $this->boxes), $box * (count($this->boxes) + 2.0));
    }

    /** Least price after what is really new and useful later is taken off at a part of its price. */
    public function bestValue(): Purchase
    {
        $potPrices = [];
        foreach ($this->boxes as $box) {
            foreach ($box->paints as $paint) {
                $potPrices[$paint->id] = min($potPrices[$paint->id] ?? INF, $box->price / count($box->paints));
            }
        }
        $needed = array_column(array_merge(...$this->groups ?: [[]]), null, 'id');
        $weights = array_map(function (ForSale $box) use ($potPrices, $needed): float {
            $extras = array_filter(
                Novelty::among($box->paints, $this->owned),
                fn(Paint $paint): bool => ! isset($needed[$paint->id]) && ! $this->meetsAny($paint),
            );

            return max(
                0.0,
                $box->price - self::WORTH_OF_EXTRA * array_sum(array_map(static fn(Paint $paint): float => $potPrices[$paint->id], $extras)),
            );
        }, $this->boxes);

        return $this->purchase($weights, 1.0 + $this->sum());
    }

    /** Paints whose L* lies farther apart than this are farther apart than the tolerance. */
    public static function lightnessApart(float $tolerance): float
    {
        return Ciede2000::LARGEST_LIGHTNESS_WEIGHT * $tolerance;
    }

    private function sum(): float
    {
        return (float) array_sum(array_column($this->boxes, 'price'));
    }

    private function meetsAny(Paint $paint): bool
    {
        return array_any(array_merge(...$this->groups), fn(Paint $need): bool => $this->difference($need, $paint) !== null);
    }

    /**
     * @param list<float> $weights
     */
    private function purchase(array $weights, float $penalty): Purchase
    {
        [$boxes, $isProven] = SetCover::solve(
            count($this->groups),
            $this->masks,
            $weights,
            array_map(static fn(ForSale $box): float => $box->price, $this->boxes),
            array_map(fn(array $needs): float => $this->budget === null ? INF : $penalty * count($needs), $this->groups),
            $this->budget ?? INF,
        );
        $items = array_map(fn(int $box): ForSale => $this->boxes[$box], $boxes);
        usort(
            $items,
            static fn(ForSale $one, ForSale $other): int => [$other->isSet, $one->name, $one->id] <=> [$one->isSet, $other->name, $other->id],
        );
        $covers = $open = [];
        foreach (array_merge(...$this->groups ?: [[]]) as $need) {
            $covered = $this->covered($need, $items);
            if ($covered === null) {
                $open[] = $need;
            } else {
                $covers[] = $covered;
            }
        }

        return new Purchase(
            $items,
            array_sum(array_column($items, 'price')),
            $covers,
            $open,
            Novelty::among(array_merge(...array_column($items, 'paints') ?: [[]]), $this->owned),
            $isProven,
        );
    }

    /** @param list<ForSale> $items */
    private function covered(Paint $need, array $items): ?Covered
    {
        $nearest = null;
        foreach ($items as $item) {
            $best = $this->best($need, $item);
            if ($best !== null && ($nearest === null || $best[1] < $nearest->difference)) {
                $nearest = new Covered($need, $best[0], $item, $best[1]);
            }
        }

        return $nearest;
    }

    /**
     * @return array{Paint, float}|null the paint of a box that does a need's job best, and how far it is off; what is owned is not bought
     *     to stand in
     */
    private function best(Paint $need, ForSale $box): ?array
    {
        return $this->nearest(
            $need,
            array_filter($box->paints, fn(Paint $paint): bool => ! isset($this->ownedIds[$paint->id]) || $paint->id === $need->id),
        );
    }

    /**
     * @param array<int, Paint> $paints
     *
     * @return array{Paint, float}|null the one that does a need's job best, and how far it is off
     */
    private function nearest(Paint $need, array $paints): ?array
    {
        $best = null;
        foreach ($paints as $paint) {
            $difference = $this->difference($need, $paint);
            if ($difference !== null && ($best === null || $difference < $best[1])) {
                $best = [$paint, $difference];
            }
        }

        return $best;
    }

    /** Null when the paint does not do. */
    private function difference(Paint $need, Paint $paint): ?float
    {
        if ($need->id === $paint->id) {
            return 0.0;
        }
        if ($need->isClear() !== $paint->isClear() || ! Compatibility::mayReplace($need, $paint)) {
            return null;
        }
        if ($need->isClear()) {
            return 0.0;
        }
        if (abs($need->colour()->lightness - $paint->colour()->lightness) > self::lightnessApart($this->tolerance)) {
            return null;
        }
        $difference = Ciede2000::between($need->colour(), $paint->colour());

        return $difference <= $this->tolerance ? $difference : null;
    }
}
