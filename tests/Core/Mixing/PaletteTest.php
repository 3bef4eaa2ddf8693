<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Observer;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Mixing\Palette;
use Kalokroma\Mixing\Spans;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paints;

/** The solver's bare numbers are those of the film model, and its bounds hold. */
final class PaletteTest extends TestCase
{
    /** @return iterable<string, array{bool}> */
    public static function films(): iterable
    {
        yield 'covering' => [false];
        yield 'see-through' => [true];
    }

    #[DataProvider('films')]
    public function testMixesOfTwoAndThreeAreThoseOfTheFilmModel(bool $isSeeThrough): void
    {
        $paints = self::paints(9, $isSeeThrough);
        $palette = new Palette($paints, $isSeeThrough);
        $random = new Randomizer(new Mt19937(3));
        for ($i = 0; $i < 60; $i++) {
            [$one, $two, $three] = $random->pickArrayKeys($paints, 3);
            [$p, $q, $r] = [$random->getInt(1, 5), $random->getInt(1, 5), $random->getInt(1, 5)];
            $total = $p + $q + $r;
            $ofTwo = Optics::mixed([[$paints[$one]->optics(), $p], [$paints[$two]->optics(), $q]]);
            $ofThree = Optics::mixed([[$paints[$one]->optics(), $p], [$paints[$two]->optics(), $q], [$paints[$three]->optics(), $r]]);

            self::assertSeen($ofTwo, $isSeeThrough, Palette::lab($palette->lightOfTwo($one, $two, $p / ($p + $q))));
            self::assertSeen($ofTwo, $isSeeThrough, self::labOf($palette->spectrumOfTwo($one, $two, $p / ($p + $q))));
            [$lows, $highs, $x, $y, $z] = $palette->spanOfTwo($one, $two, $p / ($p + $q));
            self::assertSeen($ofTwo, $isSeeThrough, Palette::lab([$x, $y, $z]));
            self::assertSame(Spans::of($palette->spectrumOfTwo($one, $two, $p / ($p + $q))), [$lows, $highs]);
            self::assertSeen(
                $ofThree,
                $isSeeThrough,
                Palette::lab($palette->lightOfThree($one, $two, $three, $p / $total, $q / $total, $r / $total)),
            );
            self::assertSeen(
                $ofThree,
                $isSeeThrough,
                self::labOf($palette->spectrumOfThree($one, $two, $three, $p / $total, $q / $total, $r / $total)),
            );
        }
    }

    /**
     * @param list<float> $bands
     *
     * @return array{float, float, float}
     */
    private static function labOf(array $bands): array
    {
        $lab = Reflectance::of($bands)->toLab();

        return [$lab->lightness, $lab->a, $lab->b];
    }

    /** What the search leaves out is left out because of this. A see-through coat may lie outside by a hair. */
    #[DataProvider('films')]
    public function testEveryMixLiesBetweenTheSpansOfItsIngredients(bool $isSeeThrough): void
    {
        $paints = self::paints(9, $isSeeThrough);
        $palette = new Palette($paints, $isSeeThrough);
        $spans = new Spans($palette);
        $random = new Randomizer(new Mt19937(4));
        $slack = $isSeeThrough ? 0.004 : 1e-9;
        for ($i = 0; $i < 120; $i++) {
            [$one, $two, $three] = $random->pickArrayKeys($paints, 3);
            $share1 = $random->getInt(0, 1000) / 1000;
            $share2 = (1.0 - $share1) * $random->getInt(0, 1000) / 1000;
            [$lows, $highs] = Spans::of($palette->spectrumOfThree($one, $two, $three, $share1, $share2, 1.0 - $share1 - $share2));
            foreach ($lows as $group => $low) {
                $around = [$spans->ofPaints[$one], $spans->ofPaints[$two], $spans->ofPaints[$three]];
                self::assertGreaterThanOrEqual(min(array_column(array_column($around, 0), $group)) - $slack, $low);
                self::assertLessThanOrEqual(max(array_column(array_column($around, 1), $group)) + $slack, $highs[$group]);
            }
        }
    }

    /** Else what is bounded would be less than what is seen. */
    public function testEachBandIsInOneGroup(): void
    {
        self::assertSame(Observer::BANDS, array_sum(Spans::GROUPS));
        foreach (Spans::weights() as $channel => $weights) {
            self::assertEqualsWithDelta(array_sum(Observer::weights()[$channel]), array_sum($weights), 1e-12);
        }
        [$lows, $highs] = Spans::of(range(1.0, Observer::BANDS));
        self::assertSame([1.0, (float) Observer::BANDS], [$lows[0], end($highs)]);
        self::assertSame(array_slice($lows, 1), array_map(static fn(float $high): float => $high + 1.0, array_slice($highs, 0, -1)));
    }

    public function testAMixInFourthsIsSpannedWhicheverOfThemAreNothing(): void
    {
        $palette = new Palette(self::paints(4, false), false);
        $spans = new Spans($palette);
        foreach ([[4, 0, 0], [0, 4, 0], [0, 0, 4], [2, 2, 0], [1, 0, 3], [0, 3, 1], [2, 1, 1], [1, 2, 1]] as [$p, $q, $r]) {
            $expected = Spans::of($palette->spectrumOfThree(0, 1, 3, $p / 4, $q / 4, $r / 4));
            foreach ([0, 1] as $side) {
                foreach ($spans->ofThree(0, 1, 3, $p, $q, $r)[$side] as $group => $bound) {
                    self::assertEqualsWithDelta($expected[$side][$group], $bound, 1e-12);
                }
            }
        }
    }

    public function testWhatScattersMoreIsStrongerInACoveringMixOnly(): void
    {
        $paints = [Paints::of('#808080', 0.95), Paints::of('#808080', 0.5)];

        self::assertGreaterThan(2 * (new Palette($paints, false))->strength(1), (new Palette($paints, false))->strength(0));
        self::assertSame(1.0, (new Palette($paints, true))->strength(0));
    }

    /** @param array{float, float, float} $lab */
    private static function assertSeen(Optics $expected, bool $isSeeThrough, array $lab): void
    {
        $seen = $isSeeThrough ? $expected->over(Reflectance::flat(1.0), 1.0)->toLab() : $expected->masstone()->toLab();
        self::assertEqualsWithDelta(0.0, Ciede2000::between($seen, Lab::of(...$lab)), 1e-6);
    }

    /** @return list<Paint> */
    private static function paints(int $count, bool $isSeeThrough): array
    {
        $shelf = Paints::shelf($count, 21);

        return $isSeeThrough
            ? array_map(static fn(Paint $paint): Paint => Paints::of($paint->colour()->toSrgb()->hex(), 0.1, Kind::Ink, $paint->name), $shelf)
            : $shelf;
    }
}
