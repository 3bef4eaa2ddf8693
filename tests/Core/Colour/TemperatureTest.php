<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Temperature;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Warm and cool: what is leant leans so much more, and is as light as before. */
final class TemperatureTest extends TestCase
{
    public function testOrangeIsWarmBlueIsCoolAndGreyIsNeither(): void
    {
        self::assertSame(
            [Temperature::Warm, Temperature::Cool, Temperature::Neutral],
            [Temperature::of(Lab::of(60.0, 20.0, 40.0)), Temperature::of(Lab::of(40.0, -5.0, -30.0)), Temperature::of(Lab::of(50.0, 1.0, 1.0))],
        );
    }

    public function testWhatIsLeantLeansAtLeastSoMuchAndKeepsItsLightness(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($number = 0; $number < 400; $number++) {
            $colour = Lab::of($random->getInt(5, 95), $random->getInt(-60, 60), $random->getInt(-60, 60));
            $by = $random->getInt(1, 24) * ($number % 2 === 0 ? 1 : -1);
            $leant = Temperature::leant($colour, $by, 14.0);

            self::assertEqualsWithDelta($colour->lightness, $leant->lightness, 1e-9);
            self::assertGreaterThanOrEqual(abs($by) - 0.01, ($by <=> 0) * (Temperature::warmth($leant) - Temperature::warmth($colour)), "$number");
        }
        $colour = Lab::of(50.0, 10.0, 10.0);
        self::assertSame($colour, Temperature::leant($colour, 0.0));
    }
}
