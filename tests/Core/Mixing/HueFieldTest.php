<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Mixing\HueField;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paints;

final class HueFieldTest extends TestCase
{
    /** Twenty-eight off half-way, and fifteen at the end. */
    public function testTheDifferenceFoldsOnTheWayFromAMagentaToAGrey(): void
    {
        $magenta = Paints::lab('#ff00ff');
        $grey = Lab::of(63.3, -4.9, -4.2);
        $between = Lab::of(63.0, 0.9 * -4.9 + 0.1 * $magenta->a, 0.9 * -4.2 + 0.1 * $magenta->b);

        self::assertGreaterThan(1.5 * Ciede2000::between($magenta, $grey), Ciede2000::between($magenta, $between));
        $greys = array_filter(HueField::round($magenta)->knots, static fn(array $knot): bool => hypot($knot[0], $knot[1]) < 8 && $knot[2] < 16);
        self::assertNotSame([], $greys);
    }

    public function testWhateverIsAsNearLiesByAKnotThatIs(): void
    {
        $random = new Randomizer(new Mt19937(4));
        foreach (['#ff00ff', '#0000ff', '#ffff00', '#4060a0', '#80c0c0'] as $hex) {
            $target = Paints::lab($hex);
            $knots = HueField::round($target)->knots;
            for ($i = 0; $i < 120; $i++) {
                [$chroma, $hue] = [$random->getInt(0, 1200) / 10, $random->getInt(0, 6283) / 1000];
                [$a, $b] = [$chroma * cos($hue), $chroma * sin($hue)];
                $off = Ciede2000::between($target, Lab::of($target->lightness, $a, $b));
                usort($knots, static fn(array $one, array $other): int => hypot($one[0] - $a, $one[1] - $b) <=> hypot($other[0] - $a, $other[1] - $b));
                self::assertLessThanOrEqual($off + 0.35, $knots[0][2], $hex);
            }
        }
    }
}
