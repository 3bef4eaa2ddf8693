<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Paint\BottleColour;
use Kalokroma\Paint\IllegalPaint;
use Kalokroma\Paint\Kind;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class BottleColourTest extends TestCase
{
    /** A wash whose dark bottle colour was taken for its swatch would blacken everything it touches. */
    public function testADarkBottleIsABelievableCoatOverWhite(): void
    {
        foreach (['#3a1f10', '#14202e', '#241a14', '#3a0d12', '#10301c', '#2a1436'] as $bottle) {
            foreach ([Kind::Wash, Kind::Ink, Kind::OneCoat] as $kind) {
                $coat = BottleColour::overWhite(Paints::lab($bottle), $kind);
                self::assertGreaterThan(45, $coat->lightness, "$bottle $kind->value");
                self::assertLessThan(88, $coat->lightness, "$bottle $kind->value");
                $turned = abs(fmod($coat->toLch()->hue - Paints::lab($bottle)->toLch()->hue + 540, 360) - 180);
                self::assertLessThan(35, $turned, "$bottle $kind->value keeps its hue");
            }
        }
    }

    public function testManySuchCoatsLookLikeTheBottleAgain(): void
    {
        $coat = BottleColour::overWhite(Paints::lab('#3a1f10'), Kind::Ink);
        $ink = \Kalokroma\Paint\Paint::of('i', 'Ink', Kind::Ink, $coat, \Kalokroma\Paint\Opacity::of(0.002));

        self::assertLessThan(
            3.0,
            Ciede2000::between(Paints::lab('#3a1f10'), $ink->optics()->over(\Kalokroma\Colour\Reflectance::flat(1.0), 5.0)->toLab()),
        );
    }

    public function testOfACoveringPaintTheBottleIsTheSwatch(): void
    {
        $this->expectException(IllegalPaint::class);
        BottleColour::overWhite(Paints::lab('#3a1f10'), Kind::Opaque);
    }
}
