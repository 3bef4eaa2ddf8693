<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\SprayMethod;
use Kalokroma\Planning\Climate;
use Kalokroma\Planning\DryTimes;
use Kalokroma\Planning\IllegalWeather;
use Kalokroma\Planning\SprayWeather;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** Cold and damp lengthen what the tables say. */
final class ClimateTest extends TestCase
{
    public function testTheTablesSpeakOfTwentyDegreesAndFiftyPercent(): void
    {
        self::assertSame(1.0, Climate::of(20.0, 50.0)->forWater());
        self::assertSame(1.0, Climate::of(20.0, 50.0)->forSpirit());
        foreach (SprayMethod::cases() as $method) {
            self::assertSame(1.0, Climate::of(20.0, 50.0)->forPrimer($method));
        }
    }

    public function testWaterGoesWhereTheAirHasRoomForIt(): void
    {
        // Saturation at 20 °C is 23.39 hPa, at 10 °C 12.28, at 25 °C 31.69 (tables of the WMO).
        self::assertEqualsWithDelta(0.5 / 0.2, Climate::of(20.0, 80.0)->forWater(), 1e-9);
        self::assertEqualsWithDelta(23.39 / 12.28, Climate::of(10.0, 50.0)->forWater(), 0.01);
        self::assertEqualsWithDelta(23.39 / 31.69, Climate::of(25.0, 50.0)->forWater(), 0.01);
        self::assertSame(4.0, Climate::of(20.0, 100.0)->forWater());
    }

    public function testColderAndDamperNeverDriesSooner(): void
    {
        for ($celsius = 0; $celsius <= 35; $celsius += 5) {
            for ($humidity = 10; $humidity <= 95; $humidity += 5) {
                $here = Climate::of($celsius, $humidity);
                self::assertGreaterThanOrEqual($here->forWater(), Climate::of($celsius - 3, $humidity)->forWater());
                self::assertGreaterThanOrEqual($here->forWater(), Climate::of($celsius, $humidity + 5)->forWater());
                self::assertGreaterThanOrEqual($here->forSpirit(), Climate::of($celsius - 3, $humidity)->forSpirit());
                self::assertSame($here->forSpirit(), Climate::of($celsius, $humidity + 5)->forSpirit());
            }
        }
    }

    public function testEachDriesInItsOwnWay(): void
    {
        $damp = Climate::of(20.0, 80.0);
        $dry = static fn(string $steps, Climate $climate): int => DryTimes::between(
            PlanSketch::plan("area a broad-folds main cloth\n $steps")->areas[0]->steps[0],
            PlanSketch::plan("area a broad-folds main cloth\n $steps")->areas[0]->steps[1],
            $climate,
        );

        self::assertSame(50, $dry("basecoat navy\n layer blue", $damp));
        self::assertSame(240, $dry("solvent-wash grime\n layer blue", $damp));
        self::assertSame(480, $dry("solvent-wash grime\n layer blue", Climate::of(10.0, 50.0)));
        self::assertSame(3600, $dry("gloss-coat gloss\n decal setting", $damp));
        self::assertSame(1440, $dry("gloss-coat gloss\n decal setting", Climate::of(30.0, 30.0)));
        self::assertSame(0, $dry("texture-paste mud\n grit", $damp));
    }

    public function testAPrimerWaitsAsTheWeatherForSprayingHasIt(): void
    {
        foreach ([[20.0, 70.0], [12.0, 50.0], [12.0, 80.0]] as [$celsius, $humidity]) {
            $primer = PlanSketch::plan("area a broad-folds main cloth\n basecoat navy")->undercoat->steps()[0];
            self::assertSame(
                SprayWeather::of($celsius, $humidity, SprayMethod::SprayCan)->waitMinutes,
                DryTimes::between($primer, null, Climate::of($celsius, $humidity)),
            );
        }
    }

    public function testNoWeatherIsLikeThat(): void
    {
        $this->expectException(IllegalWeather::class);

        Climate::of(20.0, 101.0);
    }
}
