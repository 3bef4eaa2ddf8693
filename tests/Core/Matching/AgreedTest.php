<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Thinner;
use Kalokroma\Matching\BestBuy;
use Kalokroma\Matching\Buying;
use Kalokroma\Matching\ClearStandIn;
use Kalokroma\Matching\Compatibility;
use Kalokroma\Matching\ForSale;
use Kalokroma\Matching\Lookalikes;
use Kalokroma\Matching\Novelty;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Matching\PotLevel;
use Kalokroma\Matching\PotList;
use Kalokroma\Matching\Purchase;
use Kalokroma\Matching\SetCover;
use Kalokroma\Matching\Shelf;
use Kalokroma\Matching\ShelfMap;
use Kalokroma\Matching\Substitute;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Matching\Verdict;
use Kalokroma\Matching\WantedList;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Paint;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\AgreedTestCase;
use Tests\Core\Paints;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    private const LIST = "Paint 3\n2 x paint 7\nPaint-11, 17 ml\n\n# a note\nPaint 40 (old)\nSomething else\npaint 3\npaint3\nPAINT 12 - red\n1. Paint 20\n• Paint 21 and Paint 22\n";

    protected function said(): iterable
    {
        $owned = [
            ...Paints::shelf(24, 11),
            Paints::of('#8b8f93', 0.95, Kind::Metallic, 'Steel'),
            Paints::of('#3d2f28', 0.04, Kind::Wash, 'Shade'),
            ...self::clear(),
        ];
        $others = Paints::shelf(40, 12);
        yield from $this->replaced($owned, $others);
        yield from $this->bought($owned, $others);
        $map = ShelfMap::of($owned);
        yield 'map' => [Told::of($map, 2), array_map(static fn($one): mixed => Told::of($one, 2), $map->gaps()), Told::of($map->twins(), 2)];
        foreach ($map->gaps() as $at => $gap) {
            yield "filler $at" => ShelfMap::filler($gap, $others);
        }
        foreach (['#ff2020', '#2040ff', '#e8b923', '#5a3a72', '#a01c5a'] as $hex) {
            yield "gaps round $hex" => array_map(
                static fn($one): mixed => Told::of($one, 1),
                ShelfMap::of([Paints::of($hex, 0.9, Kind::Opaque)])->gaps(),
            );
        }
        for ($seed = 60; $seed < 72; $seed++) {
            yield "gaps of shelf $seed" => array_map(
                static fn($one): string => sprintf('%s %.0f %.0f', $one->words, $one->hue, $one->value),
                ShelfMap::of(Paints::shelf(8 + $seed % 5, $seed))->gaps(),
            );
        }
        foreach (['#808285', '#8a8078', '#101112', '#f4f4f0', '#5d6f62'] as $hex) {
            yield "neutral $hex" => ShelfMap::isNeutral(Paints::lab($hex));
        }
        yield 'lookalikes' => [Told::of(Lookalikes::among($owned), 2), Told::of(Lookalikes::among(Paints::shelf(120, 4)), 2)];
        // Twins stand far apart on a shelf, and in no order.
        $twins = [];
        foreach (Paints::shelf(18, 21) as $at => $paint) {
            $twins[] = $paint;
            foreach ([1.0, 2.5] as $off) {
                $near = Lab::of($paint->colour()->lightness + $off, $paint->colour()->a, $paint->colour()->b + $off);
                array_unshift($twins, Paint::of("near-$at-$off", "Near $paint->name", $paint->kind, $near, Opacity::of(0.8)));
            }
        }
        yield 'twins' => array_map(
            static fn(array $pair): string => sprintf('%s and %s, %.2f', $pair[0]->name, $pair[1]->name, $pair[2]),
            ShelfMap::of($twins)->twins(),
        );
        yield from $this->leading($owned);
        yield 'new ones' => array_map(static fn(Paint $one): string => $one->name, Novelty::among($others, $owned));
        yield from $this->lists([...$others, ...$owned]);
        foreach ([[0, 0.0], [1, 0.0], [1, 2.0], [1, 9.0], [1, 17.0], [3, 20.0], [2, 34.0], [1, 30.0]] as [$pots, $ml]) {
            yield "$pots pots, $ml left" => PotLevel::of($pots, $ml, 17.0);
        }
        $shelf = Shelf::of(array_slice($owned, 0, 4), [$owned[0]->id => 3.5, $owned[1]->id => 0.0]);
        yield 'shelf' => [
            array_map($shelf->has(...), array_slice($owned, 0, 6)), array_map($shelf->mlLeft(...), array_slice($owned, 0, 6)),
            array_map(static fn(Paint $one): string => $one->name, $shelf->missing([$owned[1], $others[0], $owned[9]])),
        ];
    }

    /**
     * @param list<Paint> $owned
     * @param list<Paint> $others
     *
     * @return iterable<string, mixed>
     */
    private function replaced(array $owned, array $others): iterable
    {
        $shelf = Substitutes::from($owned);
        $many = Substitutes::forMany($owned);
        foreach (array_slice($others, 0, 30) as $at => $wanted) {
            $mix = Paints::mix(1, $wanted);
            yield "instead of $wanted->name" => Told::answer(static fn(): array => [
                array_map(static fn($one): mixed => Told::of($one, 2), $shelf->for($mix, 0.5 + $at / 20, 1 + $at % 3)),
                count($many->for($mix)), $shelf->owns($wanted), Told::of(Verdict::on($mix, $shelf, 2.0 + $at % 5, 1 + $at % 3), 2),
            ]);
        }
        yield from self::transparents();
        foreach (self::clear() as $one) {
            yield "instead of $one->name" => [
                ClearStandIn::for($one, $owned), ClearStandIn::for($one, array_slice($owned, 0, 4)), ClearStandIn::isThinner($one),
                $shelf->forClear($one),
                array_map(static fn(Paint $other): bool => Compatibility::mayReplace($one, $other), $owned),
            ];
        }
        foreach (Kind::cases() as $kind) {
            yield "kinds for $kind->value" => Compatibility::kindsFor($kind);
        }
    }

    /**
     * @param list<Paint> $owned
     * @param list<Paint> $others
     *
     * @return iterable<string, mixed>
     */
    private function bought(array $owned, array $others): iterable
    {
        $forSale = [];
        foreach ($others as $at => $paint) {
            $forSale[] = new ForSale("pot-$at", $paint->name, 280 + 35 * ($at % 4), [$paint], false);
        }
        foreach ([[0, 6], [3, 12], [10, 20], [18, 24], [0, 20]] as $at => [$from, $to]) {
            $forSale[] = new ForSale("set-$at", "Set $at", 900 + 400 * $at, array_slice($others, $from, $to - $from), true);
        }
        foreach ([
            [0, 6, 2.0, null],
            [2, 9, 5.0, 2500],
            [8, 16, 1.0, 1200],
            [0, 12, 3.5, 0],
            [0, 2, -1.0, null],
            [0, 2, 2.0, -5],
        ] as $at => [$from, $count, $tolerance, $budget]) {
            yield "bought $at" => Told::answer(static function () use ($others, $forSale, $owned, $from, $count, $tolerance, $budget): array {
                $buying = Buying::of(array_slice($others, $from, $count), $forSale, $owned, $tolerance, $budget);

                return array_map(
                    static fn(Purchase $one): mixed => Told::of($one, 2),
                    [$buying->cheapest(), $buying->fewestBoxes(), $buying->bestValue()],
                );
            });
        }
        yield 'lightness apart' => array_map(Buying::lightnessApart(...), [0.0, 1.0, 3.0, 6.0]);
        foreach (['#6b4a2f', '#c8321e', '#2f62ad'] as $hex) {
            yield "best buy for $hex" => [
                BestBuy::for(MixTarget::masstone(Paints::lab($hex)), $others, 30.0),
                BestBuy::for(MixTarget::masstone(Paints::lab($hex)), $others, 0.1),
            ];
        }
        yield 'covered' => [
            SetCover::solve(4, [0b0011, 0b1100, 0b0110, 0b1001, 0b1111], [2.0, 2.0, 1.0, 1.0, 3.0]),
            SetCover::solve(4, [0b0011, 0b1100, 0b0111], [2.0, 5.0, 3.0], [1.0, 9.0, 2.0], [1.0, 1.0, 4.0, 1.0], 6.0),
            SetCover::solve(3, [0b001], [1.0], null, [0.5, 0.5, 0.5]),
            Told::answer(static fn(): array => SetCover::solve(70, [1], [1.0])),
        ];
        for ($seed = 1; $seed <= 80; $seed++) {
            yield "covered $seed" => self::covered(new Randomizer(new Mt19937($seed)));
        }
        yield 'priced' => Told::answer(static fn(): ForSale => new ForSale('a', 'Dear', -1, [], false));
    }

    /**
     * @param list<Paint> $owned
     *
     * @return iterable<string, mixed> which of several is taken, where it matters which is first
     */
    private function leading(array $owned): iterable
    {
        $shelf = Substitutes::from($owned);
        [$red, $steel, $pearl] = [
            Paints::of('#a3231f', 0.6, Kind::Opaque, 'Red'), Paints::of('#8b8f93', 0.95, Kind::Metallic, 'Pearl'),
            Paints::of('#3d6f28', 0.04, Kind::Ink, 'Ink'),
        ];
        foreach ([[$red, $steel], [$steel, $red], [$red, $pearl], [$pearl, $red]] as $at => [$first, $second]) {
            foreach ([[1, 1], [1, 2], [2, 1]] as [$one, $other]) {
                yield "led $at, $one to $other" => Told::answer(static fn(): array => array_map(
                    static fn(Substitute $one): string => $one->mix->words(),
                    $shelf->for(Mix::of([Ingredient::of($first, $one), Ingredient::of($second, $other)]), 0.9, 2),
                ));
            }
        }
        foreach ([Finish::Matt, Finish::Satin, Finish::Gloss] as $finish) {
            foreach ([Kind::Medium, Kind::Varnish, Kind::Chipping, Kind::Decal] as $kind) {
                $wanted = Paint::of('wanted', 'Slow', $kind, null, null, $finish);
                yield "clear $kind->value, $finish->value" => array_map(
                    static fn(array $some): ?ClearStandIn => ClearStandIn::for($wanted, $some),
                    [self::clear(), array_slice(self::clear(), 0, 2), array_slice(self::clear(), 2)],
                );
            }
        }
        $of = static fn(string $id, float $l): Paint => Paint::of($id, $id, Kind::Opaque, Lab::of($l, 10.0, 10.0), Opacity::of(0.8));
        $needs = [$of('n0', 50.0), $of('n1', 20.0), $of('n2', 80.0)];
        foreach ([1.0, 2.0, 3.5, 4.5, 6.0] as $off) {
            $boxes = [
                new ForSale('i1', 'With its like', 500, [$needs[2], $of('a', 50.0 + $off / 3)], true),
                new ForSale('i2', 'With one farther off', 500, [$needs[1], $of('b', 50.0 + $off)], true),
            ];
            foreach ([$boxes, array_reverse($boxes)] as $at => $forSale) {
                yield "nearer of two at $off, $at" => [
                    Told::of(Buying::of($needs, $forSale, [])->cheapest(), 2), Told::of(Buying::of([$needs[0]], $forSale, [])->cheapest(), 2),
                ];
            }
        }
    }

    /**
     * @param list<Paint> $paints
     *
     * @return iterable<string, mixed>
     */
    private function lists(array $paints): iterable
    {
        $names = PaintNames::of($paints);
        foreach (['paint 3', 'Paint-3', 'pant 3', 'paint 33 old', 'steel', 'Gloss', 'shade wash', '', 'xyzzy'] as $written) {
            yield "found: $written" => [Told::of($names->find($written), 2), Told::of($names->exactly($written), 1)];
        }
        yield 'wanted' => [
            Told::of(WantedList::read(self::LIST, $names), 2),
            Told::answer(static fn(): array => WantedList::read(self::LIST, $names, 3), 2),
        ];
        yield 'pots' => Told::answer(static fn(): array => PotList::read(self::LIST, $names), 2);
        foreach (['', "\n\n", str_repeat('a', 2000), str_repeat("a\n", 900), "\xff\xfe"] as $at => $wrong) {
            yield "no list $at" => [
                Told::answer(static fn(): array => WantedList::read($wrong, $names), 1),
                Told::answer(static fn(): array => PotList::read($wrong, $names), 1),
            ];
        }
    }

    /** @return list<Paint> */
    private static function clear(): array
    {
        return [
            Paint::of('gloss', 'Gloss', Kind::Varnish, null, null, Finish::Gloss), Paint::of('matt', 'Matt', Kind::Varnish, null),
            Paint::of('flow', 'Flow medium', Kind::Medium, null), Paint::of('lift', 'Lifter', Kind::Chipping, null),
            Paint::of('set', 'Setting', Kind::Decal, null),
        ];
    }

    /** @return list<mixed> a cover of needs thrown together: some boxes are wished for, some needs may stay open, money may be short */
    private static function covered(Randomizer $dice): array
    {
        $needs = $dice->getInt(2, 7);
        $of = static fn(int $many, int $least, int $most): array => array_map(
            static fn(): float => $dice->getInt(10 * $least, 10 * $most) / 10.0,
            range(1, $many),
        );
        $boxes = $dice->getInt(3, 9);
        $masks = array_map(static fn(): int => $dice->getInt(1, (1 << $needs) - 1), range(1, $boxes));

        return [
            SetCover::solve($needs, $masks, $of($boxes, -1, 6), $of($boxes, 1, 6), $of($needs, 1, 5), (float) $dice->getInt(2, 12)),
            SetCover::solve($needs, $masks, $of($boxes, 1, 6), null, $of($needs, 1, 9)),
            SetCover::solve($needs, [...$masks, (1 << $needs) - 1], $of($boxes + 1, 0, 1)),
            // Far too little money, and each need left open costs about as much as a box.
            SetCover::solve(
                $needs,
                array_map(static fn(int $at): int => 1 << $at, range(0, $needs - 1)),
                $of($needs, 0, 1),
                $of($needs, 1, 3),
                $of($needs, 1, 3),
                5.0,
            ),
            SetCover::solve($needs, [...$masks, (1 << $needs) - 1], $of($boxes + 1, 1, 6), null, null, (float) $dice->getInt(4, 20)),
        ];
    }

    /** @return iterable<string, mixed> what stands in for washes, inks and self-shading paints, thinned more or less than they were to be */
    private static function transparents(): iterable
    {
        $kinds = [Kind::Wash, Kind::Ink, Kind::OneCoat];
        $colours = ['#6f4a2b', '#3a3836', '#8e2f2a', '#33507a', '#6f8a3a', '#f0c52c', '#a01c2a', '#5a3a72'];
        $owned = array_values(Paints::shelf(12, 6));
        foreach ($colours as $at => $hex) {
            $owned[] = Paints::of($hex, 0.02 + 0.02 * $at, $kinds[$at % 3], "Owned $hex");
        }
        $shelf = Substitutes::from($owned);
        foreach (['#5f4230', '#2a5f7a', '#7a9a40', '#c03a30', '#d8b040'] as $at => $hex) {
            foreach ($kinds as $kind) {
                $wanted = Mix::single(Paints::of($hex, 0.04 + 0.02 * $at, $kind, 'Wanted'));
                foreach ([1.0, 0.5, 0.2] as $planned) {
                    yield "instead of $kind->value $hex at $planned"
                        => Told::answer(static fn(): array => array_map(static fn(Substitute $one): array => [
                            $one->way->name, $one->mix->words(), $one->strength, $one->difference->number, $one->effort(), $one->reason(),
                            $one->dilutionFor(Dilution::none())->words(), $one->dilutionFor(Dilution::of(1, 2, Thinner::Water))->words(),
                            $one->dilutionFor(Dilution::of(1, 1, Thinner::Medium))->words(),
                        ], $shelf->for($wanted, $planned)));
                }
            }
        }
        $near = [];
        for ($at = 0; $at < 48; $at++) {
            $dice = new Randomizer(new Mt19937($at));
            $near[] = Paint::of("near $at", "Near $at", Kind::cases()[$at % 6], Lab::of(
                40.0 + 4.0 * ($at % 3),
                20.0 * ($at % 2) + $dice->getInt(-70, 70) / 10.0,
                15.0 + $dice->getInt(-70, 70) / 10.0,
            ), Opacity::of(0.5));
        }
        yield 'lookalikes near each other' => Told::of(Lookalikes::among($near), 3);
    }
}
