<?php

declare(strict_types=1);

namespace Tests\Core\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Mixing\HueField;
use PHPUnit\Framework\TestCase;
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
}
