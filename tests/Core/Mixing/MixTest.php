<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Drops;
use Kalokroma\Mixing\IllegalMix;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paints;

final class MixTest extends TestCase
{
    /** @return iterable<array{string, string}> */
    public static function yellowsAndBlues(): iterable
    {
        yield from [['#e8b820', '#1f4e8c'], ['#d9b01c', '#3a5f9e'], ['#ffd500', '#0050a0'], ['#f2c521', '#2d5f9a']];
    }

    #[DataProvider('yellowsAndBlues')]
    public function testTwoToFourPartsOfYellowAndOneOfBlueGiveAGreen(string $yellow, string $blue): void
    {
        foreach ([2, 3, 4] as $parts) {
            $green = Paints::mix($parts, Paints::of($yellow), 1, Paints::of($blue))->colour()->toLch();

            self::assertGreaterThanOrEqual(110.0, $green->hue, "$parts : 1");
            self::assertLessThanOrEqual(170.0, $green->hue, "$parts : 1");
            self::assertGreaterThan(18.0, $green->chroma, "$parts : 1");
        }
    }

    #[DataProvider('yellowsAndBlues')]
    public function testOfOneYellowAndOneBlueTheBlueWins(string $yellow, string $blue): void
    {
        $blueGreen = Paints::mix(1, Paints::of($yellow), 1, Paints::of($blue))->colour()->toLch();
        $green = Paints::mix(3, Paints::of($yellow), 1, Paints::of($blue))->colour()->toLch();

        self::assertGreaterThan($green->hue + 20, $blueGreen->hue);
    }

    public function testRedAndTurquoiseAreADarkLivelierThanBlack(): void
    {
        $red = Paints::of('#b01c1c');
        $turquoise = Paints::of('#1f8a8a');
        $dark = Paints::mix(1, $red, 1, $turquoise)->colour()->toLch();

        self::assertLessThan(min($red->colour()->lightness, $turquoise->colour()->lightness), $dark->lightness);
        self::assertLessThan($red->colour()->toLch()->chroma / 2, $dark->chroma);
    }

    /** @return iterable<string, array{list<string>, list<string>}> strong colours and those that take them to black and grey */
    public static function complements(): iterable
    {
        yield 'reds and turquoises' => [
            ['#b8202a', '#9e1f24', '#d23a2a', '#a3231f', '#c1271d', '#7d1420', '#c22f2a'],
            ['#2f7f86', '#1f6a6a', '#5fb0ac', '#2a8f8f', '#1e8a8c', '#0f6f78', '#35a3a0'],
        ];
        yield 'blues and oranges' => [['#24508c', '#1c2f5a', '#26508a', '#3f74b8', '#27509a'], ['#d9681c', '#e8832a', '#d56a1c', '#c8601c']];
        // Violets that lean to red take yellow to a brown, as they do on the palette.
        yield 'yellows and blue violets' => [['#f2c521', '#e8b923', '#fbd034', '#e0ac1c'], ['#5f4a8a', '#57469a', '#4b3f86']];
    }

    /**
     * @param list<string> $colours
     * @param list<string> $opposites
     */
    #[DataProvider('complements')]
    public function testComplementsMakeEachOtherGreyInSomeRatioOfNineParts(array $colours, array $opposites): void
    {
        foreach ($colours as $colour) {
            foreach ($opposites as $opposite) {
                [$one, $other] = [Paints::of($colour), Paints::of($opposite)];
                $greyest = null;
                for ($parts = 1; $parts <= 8; $parts++) {
                    for ($others = 1; $parts + $others <= 9; $others++) {
                        $mix = Paints::mix($parts, $one, $others, $other)->colour();
                        $greyest = $greyest === null || $mix->toLch()->chroma < $greyest->toLch()->chroma ? $mix : $greyest;
                    }
                }
                self::assertNotNull($greyest);
                self::assertLessThan(10.0, $greyest->toLch()->chroma, "$colour $opposite");
                self::assertLessThan(max($one->colour()->lightness, $other->colour()->lightness), $greyest->lightness, "$colour $opposite");
            }
        }
    }

    public function testADeepRedAndADeepTurquoiseMakeALivelyBlack(): void
    {
        foreach ([['#6a1c1c', '#14474c'], ['#7d1420', '#0f4f55'], ['#5e1617', '#174f52'], ['#701a1e', '#18494f']] as [$red, $turquoise]) {
            $blacks = [];
            for ($parts = 1; $parts <= 4; $parts++) {
                $blacks[] = Paints::mix(1, Paints::of($red), $parts, Paints::of($turquoise))->colour();
            }
            usort($blacks, static fn(Lab $one, Lab $other): int => $one->toLch()->chroma <=> $other->toLch()->chroma);

            self::assertLessThan(10.0, $blacks[0]->toLch()->chroma, $red);
            self::assertLessThan(26.0, $blacks[0]->lightness, $red);
        }
    }

    public function testOnePartOfBlackInNineTurnsYellowOlive(): void
    {
        foreach (['#e8b820', '#f2c521', '#e0ac1c'] as $hex) {
            $yellow = Paints::of($hex);
            $olive = Paints::mix(8, $yellow, 1, Paints::of('#1a1a1a'))->colour()->toLch();

            self::assertGreaterThanOrEqual($yellow->colour()->toLch()->hue + 8, $olive->hue, $hex);
            self::assertLessThan($yellow->colour()->lightness, $olive->lightness, $hex);
        }
    }

    public function testTheOrderOfThePaintsInAMixIsNothing(): void
    {
        $random = new Randomizer(new Mt19937(21));
        $shelf = Paints::shelf(14, 21);
        for ($i = 0; $i < 60; $i++) {
            $ingredients = array_map(
                static fn(int $at): Ingredient => Ingredient::of($shelf[$at], $random->getInt(1, 3)),
                $random->pickArrayKeys($shelf, 3),
            );
            $colour = Mix::of($ingredients)->colour();

            self::assertEqualsWithDelta(0.0, Ciede2000::between($colour, Mix::of(array_reverse($ingredients))->colour()), 1e-6);
        }
    }

    /** Over white a film that is thinned more is never darker. */
    public function testThinningIsMonotone(): void
    {
        foreach (Paints::shelf(14, 22) as $paint) {
            $before = -1.0;
            foreach ([1.0, 0.5, 0.25, 0.1, 0.05] as $strength) {
                $lightness = $paint->optics()->over(Reflectance::flat(1.0), $strength)->toLab()->lightness;
                self::assertGreaterThan($before, $lightness, $paint->name);
                $before = $lightness;
            }
        }
    }

    public function testAMixWithItselfIsItself(): void
    {
        $once = Paints::of('#2f7f86', 0.8, Kind::Opaque, 'once');
        $again = Paints::of('#2f7f86', 0.8, Kind::Opaque, 'again');

        self::assertEqualsWithDelta($once->colour()->lightness, Paints::mix(3, $once, 2, $again)->colour()->lightness, 0.01);
    }

    public function testWordsRatioAndDrops(): void
    {
        $mix = Paints::mix(3, Paints::of('#e0ac1c', null, Kind::Opaque, 'Oilskin'), 1, Paints::of('#ecd9a4', null, Kind::Opaque, 'Tallow'));
        $drops = Drops::of($mix, Dilution::of(2, 1, Thinner::Water));

        self::assertSame('3 Oilskin : 1 Tallow', $mix->words());
        self::assertSame('3 : 1', $mix->ratio());
        self::assertSame([3, 1], $drops->paints);
        self::assertSame(2, $drops->thinner);
        self::assertSame(6, Drops::of($mix, Dilution::of(2, 3, Thinner::Medium))->thinner);
        self::assertEqualsWithDelta(2 / 3, Dilution::of(2, 1, Thinner::Water)->strength(), 1e-12);
        self::assertSame('straight', Dilution::none()->words());
        // Of those nobody could tell apart the one with the fewest parts to count.
        self::assertSame([1, 2], [Dilution::near(0.3333, Thinner::Water)->paint, Dilution::near(0.3333, Thinner::Water)->thinner]);
        self::assertSame([1, 1], [Dilution::near(0.495, Thinner::Water)->paint, Dilution::near(0.495, Thinner::Water)->thinner]);
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function illegal(): iterable
    {
        $red = Paints::of('#b0242a', null, Kind::Opaque, 'Red');
        $blue = Paints::of('#2d4f82', null, Kind::Opaque, 'Blue');
        yield 'no parts' => [static fn() => Ingredient::of($red, 0), '1 to 9 parts, not 0'];
        yield 'negative parts' => [static fn() => Ingredient::of($red, -2), 'not -2'];
        yield 'too many parts' => [static fn() => Paints::mix(5, $red, 5, $blue), 'at most 9 parts in all, not 10'];
        yield 'twice' => [static fn() => Paints::mix(1, $red, 2, $red), 'twice'];
        yield 'nothing' => [static fn() => Mix::of([]), '1 to 4 paints'];
        yield 'five paints' => [
            static fn() => Mix::of(array_map(static fn(Paint $one) => Ingredient::of($one, 1), Paints::shelf(5, 1))),
            '1 to 4 paints, not 5',
        ];
        yield 'clear' => [
            static fn() => Mix::of([Ingredient::of(Paints::of('#a3231f'), 1), Ingredient::of(Paint::of('m', 'Medium', Kind::Medium, null), 1)]),
            'thin with it',
        ];
        yield 'drowned metal' => [
            static fn() => Mix::of([
                Ingredient::of(Paints::of('#a67f35', 0.95, Kind::Metallic), 1),
                Ingredient::of(Paints::of('#1f1f21', 0.96), 3),
            ]),
            'covers the flakes',
        ];
        yield 'dilution without paint' => [static fn() => Dilution::of(0, 1, Thinner::Water), 'not 0 : 1'];
    }

    #[DataProvider('illegal')]
    public function testIllegalMixesSayWhichLawTheyBreak(callable $make, string $law): void
    {
        $this->expectException(IllegalMix::class);
        $this->expectExceptionMessage($law);

        $make();
    }
}
