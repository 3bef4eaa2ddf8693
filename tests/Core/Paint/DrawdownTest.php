<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Paint\Drawdown;
use Kalokroma\Paint\IllegalPaint;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Measured;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Paint;
use Kalokroma\Paint\Reading;
use Kalokroma\Paint\Source;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class DrawdownTest extends TestCase
{
    /** With the curves themselves nothing is lost: absorption and scattering of every band come back. */
    public function testTwoFilmsGiveAbsorptionAndScatteringBack(): void
    {
        foreach ([
            ['#c99a3a', 0.4, Kind::Opaque],
            ['#b0242a', 0.6, Kind::Opaque],
            ['#24508c', 0.78, Kind::Opaque],
            ['#8a5a34', 0.04, Kind::Wash],
        ] as [$hex, $opacity, $kind]) {
            $film = Paints::of($hex, $opacity, $kind)->optics();
            [$black, $white] = [Reflectance::flat(0.005), Reflectance::flat(0.8)];
            $found = Optics::ofDrawdown($film->over($black, 1.0), $film->over($white, 1.0), $black, $white);
            foreach ($film->scattering as $i => $scattering) {
                self::assertEqualsWithDelta(1.0, $found->scattering[$i] / $scattering, 0.02, "$hex S $i");
                self::assertEqualsWithDelta(1.0, $found->absorption[$i] / $film->absorption[$i], 0.02, "$hex K $i");
            }
        }
    }

    /** Read as colours only, as a reader gives them: what the film then shows over any ground is right to the eye. */
    public function testAPaintThatWasDrawnDownShowsOverOtherGroundsWhatItReallyShows(): void
    {
        foreach (['#c99a3a' => 0.4, '#b0242a' => 0.5, '#2f7f86' => 0.7, '#efeadd' => 0.62, '#6b4226' => 0.9] as $hex => $really) {
            $film = Paints::of($hex, $really)->optics();
            $drawdown = Drawdown::of(
                $film->over(Reflectance::flat(0.005), 1.0)->toLab(),
                $film->over(Reflectance::flat(0.8), 1.0)->toLab(),
                Reflectance::flat(0.005)->toLab(),
                Reflectance::flat(0.8)->toLab(),
            );
            $measured = Paint::of(
                'm',
                'Measured',
                Kind::Opaque,
                Paints::lab('#123456'),
                measured: Measured::nothing()->withFilm($drawdown, Reading::of(Source::Reader, 3), Kind::Opaque),
            );

            self::assertEqualsWithDelta($really, $measured->opacity()->share, 0.02, $hex);
            foreach (['#808080', '#1a1a1a', '#c4b090'] as $ground) {
                $shown = $measured->optics()->over(Paints::surface($ground), 1.0)->toLab();
                self::assertLessThan(1.5, Ciede2000::between($film->over(Paints::surface($ground), 1.0)->toLab(), $shown), "$hex over $ground");
            }
            self::assertLessThan(2.0, Ciede2000::between(Paints::lab($hex), $measured->optics()->masstone()->toLab()), $hex);
        }
    }

    public function testNoiseDoesNotMakeMoreThanAllOfIt(): void
    {
        self::assertGreaterThan(0.99, Drawdown::of(Lab::of(50.2, 0, 0), Lab::of(50, 0, 0))->opacity()->share);
    }

    public function testSwappedReadingsAreTold(): void
    {
        $this->expectException(IllegalPaint::class);
        $this->expectExceptionMessage('swapped');
        Drawdown::of(Lab::of(60, 0, 0), Lab::of(50, 0, 0));
    }

    public function testABlackFilmTellsNothing(): void
    {
        $this->expectException(IllegalPaint::class);
        Drawdown::of(Lab::of(0, 0, 0), Lab::of(1, 0, 0));
    }

    public function testACardOfOneColourTellsNothing(): void
    {
        $this->expectException(IllegalPaint::class);
        $this->expectExceptionMessage('nearly alike');
        Drawdown::of(Lab::of(40, 0, 0), Lab::of(50, 0, 0), Lab::of(60, 0, 0), Lab::of(70, 0, 0));
    }
}
