<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Paint\Drawdown;
use Kalokroma\Paint\IllegalPaint;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class DrawdownTest extends TestCase
{
    public function testAPaintDrawnOverACardGivesItsOpacityBack(): void
    {
        foreach ([0.35, 0.6, 0.92] as $opacity) {
            $optics = Paints::of('#c99a3a', $opacity)->optics();
            $measured = Drawdown::opacity($optics->over(Reflectance::flat(0.0), 1.0)->toLab(), $optics->over(Reflectance::flat(0.8), 1.0)->toLab());

            self::assertEqualsWithDelta($opacity, $measured->share, 0.002);
            self::assertFalse($measured->isEstimate);
        }
    }

    public function testNoiseDoesNotMakeMoreThanAllOfIt(): void
    {
        self::assertSame(1.0, Drawdown::opacity(Lab::of(50.2, 0, 0), Lab::of(50, 0, 0))->share);
    }

    public function testSwappedReadingsAreTold(): void
    {
        $this->expectException(IllegalPaint::class);
        $this->expectExceptionMessage('swapped');
        Drawdown::opacity(Lab::of(60, 0, 0), Lab::of(50, 0, 0));
    }

    public function testABlackFilmTellsNothing(): void
    {
        $this->expectException(IllegalPaint::class);
        Drawdown::opacity(Lab::of(0, 0, 0), Lab::of(1, 0, 0));
    }
}
