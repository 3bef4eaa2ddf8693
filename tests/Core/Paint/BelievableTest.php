<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Colour\SwatchSpectrum;
use Kalokroma\Paint\Coverage;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Paint\Skin;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paints;

/** What a painter would nod at: coats, tints and glazes of paints of whose opacity nothing is known. */
final class BelievableTest extends TestCase
{
    private const TABLE_READY = 3.0;

    private const TWO_TO_ONE = 2 / 3;

    private const GROUNDS = ['white' => '#f4f4f2', 'light grey' => '#c4c4c2', 'mid grey' => '#808080', 'black' => '#1a1a1a'];

    /** family => swatches; coats from and to over each ground; then the part of the colour space it fills: L* from and to, chroma, hue */
    private const FAMILIES = [
        'yellow' => [['#f2c521', '#f6cf2e', '#e8b820'], [[5, 5], [4, 7], [7, 11], [8, 24]], [72, 83, 60, 78, 80, 90]],
        'orange' => [['#e07a1f', '#eb8a23', '#d9681c'], [[4, 4], [2, 3], [4, 5], [5, 6]], [58, 67, 62, 80, 52, 68]],
        'red' => [['#b0242a', '#9e1f24', '#b01c1c'], [[3, 3], [2, 2], [2, 2], [3, 3]], [34, 42, 52, 68, 25, 37]],
        'off-white' => [['#ece6d6', '#e8e0cc', '#efeadd'], [[2, 2], [3, 4], [5, 5], [5, 7]], [89, 93, 5, 12, 85, 100]],
        'white' => [['#f4f4ef', '#f2f0ea', '#f6f6f4'], [[1, 1], [4, 5], [5, 6], [6, 24]], [94, 97, 0, 3, 60, 120]],
        'brown' => [['#4a2c1a', '#5a3a22', '#6b4423'], [[2, 2], [2, 2], [1, 1], [1, 1]], [20, 32, 12, 26, 50, 68]],
        'tan' => [['#b08d5e', '#a8825a', '#c0a070'], [[2, 2], [2, 2], [2, 2], [2, 2]], [56, 66, 24, 34, 66, 84]],
        'dark blue' => [['#1f3a6c', '#24406e', '#1c2f5a'], [[2, 2], [2, 2], [1, 1], [1, 2]], [20, 28, 22, 34, 270, 290]],
        'dark green' => [['#23452c', '#2a5034', '#1e3f2e'], [[2, 2], [2, 2], [1, 1], [1, 2]], [24, 31, 14, 24, 145, 165]],
    ];

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (array_keys(self::FAMILIES) as $family) {
            yield $family => [$family];
        }
    }

    /** Two parts of paint to one of water, one coat more or less. */
    #[DataProvider('families')]
    public function testItCoversInAsManyCoatsAsPaintersFind(string $family): void
    {
        [$swatches, $wanted] = self::FAMILIES[$family];
        foreach ($swatches as $hex) {
            self::assertSame('', self::misfit(Paints::of($hex), $wanted));
        }
    }

    /** Over seeded swatches of the family: nine in ten fit the same figures, so nothing hangs on a well-chosen one. */
    #[DataProvider('families')]
    public function testSoDoesAnyPaintOfItsFamily(string $family): void
    {
        [, $wanted, $ranges] = self::FAMILIES[$family];
        $misfits = [];
        foreach (self::cloud($ranges, 40) as $paint) {
            $misfits[] = self::misfit($paint, $wanted);
        }
        $misfits = array_filter($misfits);

        self::assertLessThanOrEqual(4, count($misfits), implode("\n", $misfits));
    }

    /** A ground clearly nearer in colour is never worse by more than one coat. */
    #[DataProvider('families')]
    public function testTheBestGroundNeverCountsWorseThanAClearlyWorseOne(string $family): void
    {
        foreach (self::cloud(self::FAMILIES[$family][2], 12) as $paint) {
            $best = ['', INF, 0];
            $all = [];
            foreach (self::GROUNDS as $name => $hex) {
                $distance = Ciede2000::between($paint->colour(), Paints::lab($hex));
                $coats = self::coats($paint, $hex);
                $all[$name] = [$distance, $coats];
                $best = $distance < $best[1] ? [$name, $distance, $coats] : $best;
            }
            foreach ($all as $name => [$distance, $coats]) {
                if ($distance > $best[1] + 12) {
                    self::assertLessThanOrEqual($coats + 1, $best[2], "$paint->name over $best[0] against $name");
                }
            }
        }
    }

    public function testRedInWhiteIsAPink(): void
    {
        foreach (['#b0242a', '#9e1f24', '#b01c1c', '#b8262e'] as $red) {
            foreach (['#f2f0ea', '#f4f4f0'] as $white) {
                $half = Paints::mix(1, Paints::of($red), 1, Paints::of($white))->colour();
                $tint = Paints::mix(1, Paints::of($red), 8, Paints::of($white))->colour();
                self::assertEqualsWithDelta(54, $half->lightness, 4 + 4, "$red 1 : 1");
                self::assertEqualsWithDelta(73.5, $tint->lightness, 3.5 + 4, "$red 1 : 8");
                self::assertGreaterThan(25, $tint->toLch()->chroma, "$red 1 : 8 is a clear pink");
            }
        }
    }

    public function testAGlazeOfRedOverWhiteIsAPinkTintAndOfBrownABeige(): void
    {
        foreach (['#b0242a', '#9e1f24', '#a82428', '#8e1b22'] as $hex) {
            $pink = self::glazed(Paints::of($hex), '#f4f4f2', 1)->toLch();
            self::assertEqualsWithDelta(82, $pink->lightness, 4 + 4, $hex);
            self::assertEqualsWithDelta(22.5, $pink->chroma, 7.5 + 8, $hex);
        }
        foreach (['#4a2c1a', '#5a3a22', '#6b4423'] as $hex) {
            $beige = self::glazed(Paints::of($hex), '#f4f4f2', 1)->toLch();
            self::assertGreaterThan(78, $beige->lightness, $hex);
            self::assertLessThan(28, $beige->chroma, $hex);
            self::assertEqualsWithDelta(75, $beige->hue, 15, $hex);
        }
    }

    public function testMoreCoatsOfAGlazeAreDeeperAndFourAreStillNoMasstone(): void
    {
        foreach (['#b0242a', '#5a3a22', '#24406e', '#2a5034'] as $hex) {
            $paint = Paints::of($hex);
            [$one, $two, $four] = array_map(static fn(int $coats): Lab => self::glazed($paint, '#f4f4f2', $coats), [1, 2, 4]);
            self::assertLessThan($one->lightness - 4, $two->lightness, $hex);
            self::assertLessThan($two->lightness, $four->lightness, $hex);
            self::assertGreaterThan(15, Ciede2000::between($paint->colour(), $four), $hex);
        }
    }

    /** Paints of every family over every ground, a paint over its like apart. */
    public function testOneGlazeMovesAnyGroundVisiblyAndByNoMeansAllTheWay(): void
    {
        foreach (self::FAMILIES as [$swatches]) {
            foreach ([...self::GROUNDS, '#5f7a45', '#b0242a'] as $ground) {
                $far = Ciede2000::between(Paints::lab($swatches[0]), Paints::lab($ground));
                $moved = Ciede2000::between(Paints::lab($ground), self::glazed(Paints::of($swatches[0]), $ground, 1));
                self::assertLessThan(25, $moved, "$swatches[0] over $ground");
                if ($far > 25) {
                    self::assertGreaterThan(1, $moved, "$swatches[0] over $ground");
                }
            }
        }
    }

    public function testATransparentHardlyShowsOverNearBlack(): void
    {
        $random = new Randomizer(new Mt19937(5));
        foreach ([Kind::OneCoat, Kind::Wash, Kind::Ink] as $kind) {
            for ($i = 0; $i < 40; $i++) {
                $hex = sprintf('#%02x%02x%02x', $random->getInt(60, 240), $random->getInt(60, 230), $random->getInt(60, 220));
                foreach (['#1a1a1a', '#1d1d1e', '#222121'] as $ground) {
                    $over = Skin::tinted(Paints::of($hex, null, $kind)->optics(), 1.0, Paints::surface($ground), Finish::Matt->white());
                    self::assertEqualsWithDelta(Paints::lab($ground)->lightness, $over->toLab()->lightness, 4.0, "$kind->value $hex over $ground");
                }
            }
        }
    }

    /** @param list<array{int, int}> $wanted coats over each ground */
    private static function misfit(Paint $paint, array $wanted): string
    {
        $counted = array_map(static fn(string $ground): int => self::coats($paint, $ground), array_values(self::GROUNDS));
        foreach ($wanted as $i => [$least, $most]) {
            if ($counted[$i] < $least - 1 || $counted[$i] > $most + 1) {
                return sprintf('%s covers in %s', $paint->name, implode(' / ', $counted));
            }
        }

        return '';
    }

    private static function coats(Paint $paint, string $ground): int
    {
        return Coverage::of($paint->optics(), Paints::surface($ground), self::TWO_TO_ONE, self::TABLE_READY)->coats ?? PHP_INT_MAX;
    }

    /** One part in ten, of which the unloaded brush leaves 0.35 of a coat. */
    private static function glazed(Paint $paint, string $ground, int $coats): Lab
    {
        return $paint->optics()->over(Paints::surface($ground), $coats * 0.1 * 0.35)->toLab();
    }

    /**
     * @param array{int, int, int, int, int, int} $ranges
     *
     * @return iterable<Paint> seeded
     */
    private static function cloud(array $ranges, int $count): iterable
    {
        $random = new Randomizer(new Mt19937(2));
        $between = static fn(int $least, int $most): float => $random->getInt(100 * $least, 100 * $most) / 100;
        for ($made = 0; $made < $count;) {
            $swatch = Lch::of($between($ranges[0], $ranges[1]), $between($ranges[2], $ranges[3]), $between($ranges[4], $ranges[5]))->toLab();
            if (SwatchSpectrum::of($swatch)->isPaintable()) {
                $made++;
                yield Paint::of("$made", sprintf('L* %.1f, a* %.1f, b* %.1f', $swatch->lightness, $swatch->a, $swatch->b), Kind::Opaque, $swatch);
            }
        }
    }
}
