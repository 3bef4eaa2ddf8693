<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Paint\IllegalPaint;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class FilmTest extends TestCase
{
    /** @return iterable<array{string, float, Kind}> */
    public static function swatches(): iterable
    {
        foreach (['#b0242a', '#e0ac1c', '#2f7f86', '#7d5a8c', '#6b4226', '#efeadd', '#1c1b1c'] as $hex) {
            foreach ([0.3, 0.6, 0.95] as $opacity) {
                yield "$hex opaque $opacity" => [$hex, $opacity, Kind::Opaque];
            }
            yield "$hex wash" => [$hex, 0.06, Kind::Wash];
        }
    }

    #[DataProvider('swatches')]
    public function testOneCoatHasTheOpacityThePaintHas(string $hex, float $opacity, Kind $kind): void
    {
        self::assertEqualsWithDelta($opacity, Paints::of($hex, $opacity, $kind)->optics()->contrast(), 1e-4);
    }

    #[DataProvider('swatches')]
    public function testTheSwatchIsTheMasstoneOrOneCoatOverWhite(string $hex, float $opacity, Kind $kind): void
    {
        $optics = Paints::of($hex, $opacity, $kind)->optics();
        $seen = $kind->isTransparent() ? $optics->over(Reflectance::flat(1.0), 1.0) : $optics->masstone();

        self::assertLessThan(0.5, Ciede2000::between(Paints::lab($hex), $seen->toLab()));
    }

    public function testTwoHalfCoatsAreOneCoat(): void
    {
        $optics = Paints::of('#e0ac1c', 0.5)->optics();
        $under = Paints::surface('#565e63');
        $once = $optics->over($under, 1.0);
        $twice = $optics->over($optics->over($under, 0.5), 0.5);

        foreach ($once->bands as $i => $band) {
            self::assertEqualsWithDelta($band, $twice->bands[$i], 1e-9);
        }
    }

    public function testNoCoatChangesNothingAndManyCoatsAreTheMasstone(): void
    {
        $optics = Paints::of('#b0242a', 0.8)->optics();
        $under = Paints::surface('#efeadd');

        self::assertSame($under->bands, $optics->over($under, 0.0)->bands);
        foreach ($optics->over($under, 1000.0)->bands as $i => $band) {
            self::assertEqualsWithDelta($optics->masstone()->bands[$i], $band, 1e-9);
        }
    }

    public function testACompletelyClearFilmIsStillAFilm(): void
    {
        $over = Paints::of('#8a5a34', 0.0, Kind::Ink)->optics()->over(Reflectance::flat(0.0), 1.0);

        self::assertLessThan(0.01, $over->luminance());
    }

    public function testAThinTransparentVanishesOverNearBlack(): void
    {
        $nearBlack = Paints::surface('#1a1a1a');
        foreach (['#2f7f86', '#c03020', '#8a5a34', '#6a3f7a'] as $hex) {
            $paint = Paints::of($hex, 0.06, Kind::OneCoat);
            $over = $paint->optics()->over($nearBlack, 1.0)->toLab();
            self::assertLessThan(15.0, $over->lightness, $hex);
            self::assertLessThan(self::chroma($paint->colour()) / 2, self::chroma($over), $hex);
            self::assertLessThan(2.0, Ciede2000::between($paint->colour(), $paint->optics()->over(Paints::surface('#f8f8f8'), 1.0)->toLab()), $hex);
        }
    }

    public function testOpacityIsEstimatedByKindAndColourFamilyUntilItIsSet(): void
    {
        foreach ([
            '#4a2c1c' => 0.92, '#b0242a' => 0.60, '#f2c521' => 0.35, '#f4f4ef' => 0.66, '#e8832a' => 0.48, '#e0b79a' => 0.62,
            '#2f7f86' => 0.74, '#24406e' => 0.80,
        ] as $hex => $usual) {
            self::assertEqualsWithDelta($usual, Opacity::estimate(Kind::Opaque, Paints::lab($hex))->share, 0.03, $hex);
        }
        self::assertGreaterThanOrEqual(0.95, Opacity::estimate(Kind::Metallic, Paints::lab('#b08d3c'))->share);
        self::assertTrue(Paints::of('#b0242a')->opacity()->isEstimate);
        self::assertFalse(Paints::of('#b0242a', 0.7)->opacity()->isEstimate);
    }

    public function testWhatCannotBeIsRefused(): void
    {
        foreach ([-0.1, 1.1, NAN] as $share) {
            try {
                Opacity::of($share);
                self::fail("Opacity $share was taken.");
            } catch (IllegalPaint $illegal) {
                self::assertStringContainsString('between 0 (clear) and 1', $illegal->getMessage());
            }
        }
        $this->expectException(IllegalPaint::class);
        Paint::of('x', 'Nothing', Kind::Opaque, null);
    }

    private static function chroma(Lab $colour): float
    {
        return hypot($colour->a, $colour->b);
    }
}
