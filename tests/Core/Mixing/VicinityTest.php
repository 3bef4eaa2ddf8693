<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Mixing\Palette;
use Kalokroma\Mixing\Spans;
use Kalokroma\Mixing\Vicinity;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paints;

final class VicinityTest extends TestCase
{
    private const TARGETS = [[50, 0, 0], [20, 5, -8], [90, -3, 30], [45, 60, 40], [35, 25, -70], [60, -50, 45], [75, 10, 85]];

    /** Nothing within the difference is ever left out, and little of what is far off gets in. */
    public function testTheBoxHoldsEveryColourWithinTheDifference(): void
    {
        $random = new Randomizer(new Mt19937(9));
        $inside = $far = $farInside = 0;
        foreach (self::TARGETS as [$l, $a, $b]) {
            $target = Lab::of($l, $a, $b);
            foreach ([0.3, 1.0, 4.0] as $difference) {
                $box = Vicinity::around($target, $difference, 0.0);
                $reach = 4 * $difference;
                for ($i = 0; $i < 600; $i++) {
                    $colour = Lab::of($l + $reach * self::throw($random), $a + $reach * self::throw($random), $b + $reach * self::throw($random));
                    $apart = Ciede2000::between($target, $colour);
                    $light = $colour->toXyz();
                    $isHeld = $box->holds([$light->x, $light->y, $light->z]);
                    if ($apart <= $difference) {
                        $inside++;
                        self::assertTrue($isHeld, sprintf('%.2f from %s', $apart, implode(' ', [$l, $a, $b])));
                    } elseif ($apart > 3 * $difference) {
                        $far++;
                        $farInside += (int) $isHeld;
                    }
                }
            }
        }
        self::assertGreaterThan(300, $inside);
        self::assertLessThan(0.05 * $far, $farInside);
    }

    public function testARangeThatHoldsANearMixIsNeverLeftOut(): void
    {
        $palette = new Palette(Paints::shelf(30, 13), false);
        $spans = new Spans($palette);
        $random = new Randomizer(new Mt19937(2));
        for ($i = 0; $i < 300; $i++) {
            [$one, $two, $three] = $random->pickArrayKeys($palette->paints, 3);
            $share = $random->getInt(5, 95) / 100;
            $target = Lab::of(...Palette::lab($palette->lightOfTwo($one, $two, $share)));
            self::assertTrue(Vicinity::around($target, 0.2, 0.0)->meets($spans->ofPaints[$one], $spans->ofPaints[$two]));

            $other = (1.0 - $share) * $random->getInt(1, 9) / 10;
            $target = Lab::of(...Palette::lab($palette->lightOfThree($one, $two, $three, $share, $other, 1.0 - $share - $other)));
            self::assertTrue(Vicinity::around($target, 0.2, 0.0)->meetsBetween(
                $spans->ofPaints[$one],
                $spans->ofPaints[$two],
                $spans->ofPaints[$three],
            ));
        }
    }

    /** A plane through the nearest known colour faces what paints make; whatever is as near as that lies behind it. */
    public function testThePlaneTowardAFarTargetLeavesOutNothingThatIsAsNear(): void
    {
        // On this shelf a grey counts as nearest to the magenta, on the far side of the fold of ΔE₀₀.
        $palette = new Palette(Paints::shelf(40, 3), false);
        $spans = new Spans($palette);
        $leftOut = $asked = 0;
        foreach ([
            '#ff0000', '#ffff00', '#00ff00', '#00ffff', '#0000ff', '#ff00ff', '#ffffff', '#000000', '#ff8000', '#8000ff', '#c0ffb0',
            '#203000',
        ] as $hex) {
            $target = Paints::lab($hex);
            $pairs = [];
            for ($one = 0; $one < 40; $one++) {
                for ($other = 0; $other < $one; $other++) {
                    foreach ([0.2, 0.4, 0.6, 0.8] as $share) {
                        $lab = Palette::lab($palette->lightOfTwo($one, $other, $share));
                        $pairs[] = [Ciede2000::between($target, Lab::of(...$lab)), $lab, $one, $other];
                    }
                }
            }
            sort($pairs);
            foreach ([$pairs[0], $pairs[2], $pairs[20], $pairs[200]] as [$difference, $known]) {
                $vicinity = Vicinity::around($target, $difference + 0.01, 0.0, $known);
                $boxOnly = Vicinity::around($target, $difference + 0.01, 0.0);
                foreach ($pairs as [$apart, , $one, $other]) {
                    $meets = $vicinity->meets($spans->ofPaints[$one], $spans->ofPaints[$other]);
                    self::assertTrue($meets || $apart > $difference, sprintf('%s: %.2f of %.2f', $hex, $apart, $difference));
                    if ($boxOnly->meets($spans->ofPaints[$one], $spans->ofPaints[$other])) {
                        $asked++;
                        $leftOut += (int) ! $meets;
                    }
                }
            }
        }
        self::assertGreaterThan(0.1 * $asked, $leftOut);
    }

    public function testAPairThatCannotComeNearIsLeftOut(): void
    {
        $palette = new Palette([Paints::of('#d8c020', 0.6), Paints::of('#f0efe8', 0.7), Paints::of('#2a4a8a', 0.9)], false);
        $spans = new Spans($palette);

        self::assertFalse(Vicinity::around(Paints::lab('#702030'), 4.0, 0.0)->meets($spans->ofPaints[0], $spans->ofPaints[1]));
        self::assertFalse(Vicinity::around(Paints::lab('#ffffff'), 1.0, 0.0)->meetsBetween(...$spans->ofPaints));
    }

    private static function throw(Randomizer $random): float
    {
        return $random->getInt(-1000, 1000) / 1000;
    }
}
