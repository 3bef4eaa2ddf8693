<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Paint\Coverage;
use Kalokroma\Paint\IllegalPaint;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class FilmTest extends TestCase
{
    private const TABLE_READY = 3.0;

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

    public function testAStrongBrownThinnedToPointFourCoversLightGreyInTwoCoatsAndWhiteInThree(): void
    {
        foreach (['#4a2c1a', '#5a3a22', '#6b4423'] as $brown) {
            self::assertSame(2, $this->coats($brown, 0.95, 0.4, '#c4c4c2'));
            self::assertSame(3, $this->coats($brown, 0.95, 0.4, '#f4f4f2'));
        }
    }

    public function testAYellowCoversWhiteInFourToSixCoatsAndBlackInNoLessThanNine(): void
    {
        foreach (['#f2c521', '#f6cf2e', '#fbd034'] as $yellow) {
            $overWhite = $this->coats($yellow, 0.5, 0.45, '#f4f4f2');
            self::assertGreaterThanOrEqual(4, $overWhite, $yellow);
            self::assertLessThanOrEqual(6, $overWhite, $yellow);
            self::assertGreaterThanOrEqual(9, $this->coats($yellow, 0.5, 0.45, '#1a1a1a') ?? PHP_INT_MAX, $yellow);
        }
    }

    public function testAnOffWhiteNeedsFourOrFiveCoatsOverMidGrey(): void
    {
        foreach (['#ece6d6', '#e8e0cc'] as $white) {
            self::assertContains($this->coats($white, 0.72, 0.5, '#808080'), [4, 5], $white);
        }
    }

    public function testGoldCoversBlackInOneOrTwoCoats(): void
    {
        self::assertContains($this->coats('#b08d3c', 0.96, 0.9, '#1a1a1a', Kind::Metallic), [1, 2]);
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

    /** Of the figures of docs/decisions.md: a light yellow stays lighter than the darker hues. */
    public function testAThinYellowOverNearBlackIsStillFaintlySeen(): void
    {
        $over = Paints::of('#e0b020', 0.06, Kind::OneCoat)->optics()->over(Paints::surface('#1a1a1a'), 1.0)->toLab();

        self::assertSame(19, $over->value());
    }

    public function testOpacityIsEstimatedByKindAndColourFamilyUntilItIsSet(): void
    {
        self::assertGreaterThanOrEqual(0.9, Opacity::estimate(Kind::Opaque, Paints::lab('#4a2c1c'))->share);
        self::assertEqualsWithDelta(0.8, Opacity::estimate(Kind::Opaque, Paints::lab('#b0242a'))->share, 0.05);
        self::assertEqualsWithDelta(0.5, Opacity::estimate(Kind::Opaque, Paints::lab('#f2c521'))->share, 0.05);
        self::assertEqualsWithDelta(0.65, Opacity::estimate(Kind::Opaque, Paints::lab('#f4f4ef'))->share, 0.05);
        self::assertGreaterThanOrEqual(0.95, Opacity::estimate(Kind::Metallic, Paints::lab('#b08d3c'))->share);
        self::assertTrue(Paints::of('#b0242a')->opacity->isEstimate);
        self::assertFalse(Paints::of('#b0242a', 0.7)->opacity->isEstimate);
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

    private function coats(string $paint, float $opacity, float $thickness, string $under, Kind $kind = Kind::Opaque): ?int
    {
        return Coverage::of(Paints::of($paint, $opacity, $kind)->optics(), Paints::surface($under), $thickness, self::TABLE_READY)->coats;
    }

    private static function chroma(Lab $colour): float
    {
        return hypot($colour->a, $colour->b);
    }
}
