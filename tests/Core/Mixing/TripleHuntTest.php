<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Mixing\BestMixes;
use Kalokroma\Mixing\Drops;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Mixing\MixRules;
use Kalokroma\Mixing\MixSearch;
use Kalokroma\Mixing\MixTangent;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Mixing\Palette;
use Kalokroma\Mixing\TripleHunt;
use Kalokroma\Paint\Kind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

/** The hunt by the tangent, and what it is told of limits. */
final class TripleHuntTest extends TestCase
{
    /** @return iterable<array{int, string}> */
    public static function questions(): iterable
    {
        yield from [[1, '#6b7a50'], [2, '#4f6f73'], [3, '#c9b090'], [4, '#7a5230'], [2, '#606060']];
    }

    /** Far fewer looks than there are mixes, and next to nothing lost. */
    #[DataProvider('questions')]
    public function testWithinReachTheHuntFindsWhatTheFullSearchFinds(int $seed, string $hex): void
    {
        $palette = new Palette(Paints::shelf(30, $seed), false);
        $target = MixTarget::masstone(Paints::lab($hex));
        $rules = new MixRules($palette, MixLimits::none());
        $search = new MixSearch($target, $palette, $rules);
        $pairs = new BestMixes($target->colour, 1);
        $search->pairs($pairs, range(0, 29));
        $all = new BestMixes($target->colour, 1);
        $search->triples($all, range(0, 29));
        [, , [$first, $second], [$parts, $more]] = $pairs->all()[0];

        $hunted = new BestMixes($target->colour, 4);
        $tangent = new MixTangent($palette, $target->colour, $first, $second, $parts / ($parts + $more));
        (new TripleHunt($palette, $rules, $tangent))->triples($hunted, range(0, 29));

        self::assertLessThan(2.0, $all->all()[0][0], 'the question is within reach');
        self::assertLessThanOrEqual($all->all()[0][0] + 0.2, $hunted->all()[0][0]);
        self::assertGreaterThanOrEqual($all->all()[0][0], $hunted->all()[0][0]);
        foreach ($hunted->all() as [$difference, $parts, $paints, $ratio, $lab]) {
            $shares = array_map(static fn(int $one): float => $one / array_sum($ratio), $ratio);
            self::assertSame([array_sum($ratio), 3], [$parts, count(array_unique($paints))]);
            self::assertEqualsWithDelta(
                $difference,
                Ciede2000::between($target->colour, Lab::of(...Palette::lab($palette->lightOfThree(...$paints, ...$shares)))),
                0.0051,
            );
        }
    }

    /** Near its mix the tangent tells where a little of any paint leads, in a space in which distance is about ΔE₀₀. */
    public function testTheTangentTellsWhereALittleOfAPaintLeads(): void
    {
        $palette = new Palette(Paints::shelf(20, 8), false);
        $target = Lab::of(...Palette::lab($palette->lightOfTwo(2, 5, 0.5)));
        $tangent = new MixTangent($palette, $target, 2, 5, 0.5);

        self::assertEqualsWithDelta(0.0, hypot($tangent->goal[0], $tangent->goal[1]), 1e-9);
        foreach (range(0, 19) as $i) {
            $strength = 0.98 * ($palette->strength(2) + $palette->strength(5)) / 2;
            $weight = 0.02 * $palette->strength($i) / (0.02 * $palette->strength($i) + $strength);
            $told = sqrt($tangent->pull1[$i] ** 2 + $tangent->pull2[$i] ** 2 + $tangent->pull3[$i] ** 2) * $weight;
            $seen = Ciede2000::between($target, Lab::of(...Palette::lab($palette->lightOfThree(2, 5, $i, 0.49, 0.49, 0.02))));
            self::assertEqualsWithDelta($seen, $told, 0.05 + 0.2 * $seen);
        }
    }

    public function testTheHuntKeepsToTheLimits(): void
    {
        $shelf = Paints::shelf(25, 6);
        $palette = new Palette($shelf, false);
        $target = Paints::lab('#7a6250');
        $limits = MixLimits::none()->parts(5)->with([$shelf[3]->id])->enoughFor(1.0, [$shelf[7]->id => 0.2]);
        $best = new BestMixes($target, 20);
        (new TripleHunt($palette, new MixRules($palette, $limits), new MixTangent($palette, $target, 3, 3, 1.0)))->triples($best, range(0, 24));

        self::assertNotSame([], $best->all());
        foreach ($best->all() as [, $parts, $paints, $ratio]) {
            self::assertLessThanOrEqual(5, $parts);
            self::assertContains(3, $paints);
            $scarce = array_search(7, $paints, true);
            self::assertTrue($scarce === false || $ratio[$scarce] * (int) ceil(1.0 / Drops::DROP_ML / $parts) * Drops::DROP_ML <= 0.2);
        }
    }

    public function testRulesAskForWhatMustBeInItAndForTheFilm(): void
    {
        $shelf = [...Paints::shelf(3, 1), Paints::of('#a03030', 0.15, Kind::Ink, 'Ink')];
        $covering = new Palette($shelf, false);
        $rules = new MixRules($covering, MixLimits::none()->with([$shelf[1]->id]));

        self::assertSame([1], $rules->insisted());
        self::assertSame([true, false], [$rules->hold([0, 1]), $rules->hold([0, 2])]);
        self::assertSame([true, true, false], [$rules->allow([0, 3], [2, 1]), $rules->allow([0, 3], [1, 1]), $rules->allow([0, 3], [1, 2])]);
        self::assertTrue((new MixRules(new Palette($shelf, true), MixLimits::none()))->allow([0, 3], [1, 2]));
        self::assertFalse((new MixRules($covering, MixLimits::none()->with(['not here'])))->hold([0, 1, 2]));
    }

    public function testTheBestAreKeptOnceEachAndTheRestForgotten(): void
    {
        $best = new BestMixes(Lab::of(50, 0, 0), 2);
        foreach ([
            [55, [0, 1], [1, 1]],
            [51, [2, 3], [2, 1]],
            [51, [2, 3], [2, 1]],
            [52, [1, 2], [1, 3]],
            [51, [0, 3], [1, 1]],
            [90, [0, 4], [1, 1]],
        ] as [$l, $paints, $parts]) {
            $best->consider([$l, 0.0, 0.0], $paints, $parts);
        }

        self::assertSame([[0, 3], [2, 3]], array_column($best->all(), 2), 'of equals that of fewer parts comes first');
        self::assertLessThan(1.1, $best->worst);
    }
}
