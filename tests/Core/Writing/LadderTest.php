<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Material;
use Kalokroma\Writing\Ladder;
use Kalokroma\Writing\Lean;
use Kalokroma\Writing\Rung;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LadderTest extends TestCase
{
    /** @return iterable<string, array{string, Material, Lean}> */
    public static function families(): iterable
    {
        yield 'red' => ['#a3231f', Material::Cloth, Lean::Red];
        yield 'orange' => ['#d56a1c', Material::Cloth, Lean::Orange];
        yield 'yellow' => ['#e2b21f', Material::Cloth, Lean::Yellow];
        yield 'green' => ['#3f6b35', Material::Cloth, Lean::Green];
        yield 'teal' => ['#2f7f7a', Material::Cloth, Lean::Teal];
        yield 'blue' => ['#26508a', Material::Cloth, Lean::Blue];
        yield 'purple' => ['#5a3a72', Material::Cloth, Lean::Purple];
        yield 'pink' => ['#d98a9c', Material::Cloth, Lean::Pink];
        yield 'brown' => ['#67482f', Material::Leather, Lean::Brown];
        yield 'flesh' => ['#c08a6c', Material::Skin, Lean::Flesh];
        yield 'tan cloth is no flesh' => ['#b18e5f', Material::Cloth, Lean::Brown];
        yield 'bone' => ['#e6dcc0', Material::Bone, Lean::Bone];
        yield 'black' => ['#1c1c1e', Material::Cloth, Lean::Black];
        yield 'white' => ['#f2f2ee', Material::Fur, Lean::White];
        yield 'grey' => ['#7c7e7e', Material::Stone, Lean::Grey];
    }

    #[DataProvider('families')]
    public function testAFamilyIsKnownByItsColour(string $hex, Material $material, Lean $lean): void
    {
        self::assertSame($lean, Lean::of(self::lab($hex), $material));
    }

    #[DataProvider('families')]
    public function testTonesRiseFromDarkToLightWithinWhatPaintsCanBe(string $hex, Material $material): void
    {
        foreach (FinishLevel::cases() as $level) {
            $rungs = Ladder::about(self::lab($hex), $material, $level)->rungs();
            foreach ($rungs as $at => $rung) {
                self::assertGreaterThan(0.0, $rung->colour->lightness, $rung->name);
                self::assertLessThan(100.0, $rung->colour->lightness, $rung->name);
                if ($at > 0) {
                    self::assertGreaterThan($rungs[$at - 1]->colour->lightness, $rung->colour->lightness, "$rung->name of $hex");
                }
            }
        }
    }

    /** @return iterable<string, array{string, Material, float, float}> hue that light goes toward, hue that shade goes toward */
    public static function leans(): iterable
    {
        yield 'red through orange, and toward purple' => ['#a3231f', Material::Cloth, 62.0, 350.0];
        yield 'green to yellow, and toward blue' => ['#3f6b35', Material::Cloth, 104.0, 200.0];
        yield 'purple to pink, and toward blue' => ['#5a3a72', Material::Cloth, 345.0, 280.0];
        yield 'yellow is shaded with brown' => ['#e2b21f', Material::Cloth, 96.0, 50.0];
        yield 'flesh is shaded with a reddish brown' => ['#c08a6c', Material::Skin, 70.0, 38.0];
    }

    #[DataProvider('leans')]
    public function testLightAndShadeLeanTheirWayAndNeverPastIt(string $hex, Material $material, float $lit, float $shaded): void
    {
        $ladder = Ladder::about(self::lab($hex), $material, FinishLevel::TableReady);
        $base = $ladder->base->colour->toLch()->hue;
        foreach ([[$ladder->high, $lit], [$ladder->deepest, $shaded]] as [$rung, $toward]) {
            $hue = $rung->colour->toLch()->hue;
            self::assertLessThanOrEqual(self::apart($base, $toward), self::apart($hue, $toward), $rung->name);
            self::assertGreaterThan(1.0, self::apart($hue, $base), $rung->name);
        }
    }

    public function testWhiteIsBegunGreyAndEndsWhite(): void
    {
        $cool = Ladder::about(self::lab('#f2f2f4'), Material::Cloth, FinishLevel::Display);
        $warm = Ladder::about(self::lab('#f4efe2'), Material::Cloth, FinishLevel::Display);

        self::assertLessThan(82.0, $cool->base->colour->lightness);
        self::assertLessThan(0.0, $cool->base->colour->b);
        self::assertGreaterThan(4.0, $warm->base->colour->b);
        self::assertGreaterThanOrEqual(self::lab('#f2f2f4')->lightness - 0.1, $cool->edge->colour->lightness);
    }

    public function testADisplayPieceIsTakenFurther(): void
    {
        $range = static fn(FinishLevel $level): float => array_sum(array_map(
            static fn(Rung $one): float => abs($one->colour->lightness - 45.0),
            Ladder::about(self::lab('#26508a'), Material::Cloth, $level)->rungs(),
        ));

        self::assertGreaterThan($range(FinishLevel::TableReady), $range(FinishLevel::Display));
    }

    private static function lab(string $hex): Lab
    {
        return Srgb::parse($hex)->toLab();
    }

    private static function apart(float $one, float $other): float
    {
        return abs(fmod($one - $other + 540.0, 360.0) - 180.0);
    }
}
