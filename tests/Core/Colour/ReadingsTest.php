<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\GreyCard;
use Kalokroma\Colour\IllegalColour;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Readings;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paints;

final class ReadingsTest extends TestCase
{
    public function testOutliersAreDroppedAndTheRestAveraged(): void
    {
        $random = new Randomizer(new Mt19937(4));
        $noisy = array_map(
            static fn(): Lab => Lab::of(
                52 + $random->getInt(-500, 500) / 1000,
                10 + $random->getInt(-500, 500) / 1000,
                -20 + $random->getInt(-500, 500) / 1000,
            ),
            range(1, 20),
        );
        $readings = Readings::of([...$noisy, Lab::of(80, 10, -20), Lab::of(52, 60, -20)]);

        self::assertSame([20, 2], [$readings->kept, $readings->dropped]);
        self::assertLessThan(0.3, Ciede2000::between($readings->colour, Lab::of(52, 10, -20)));
        self::assertEqualsWithDelta($readings->spread / sqrt(20), $readings->uncertainty, 1e-12);
        self::assertGreaterThan(0.1, $readings->spread);
    }

    public function testOneReadingIsTakenAsItIs(): void
    {
        $readings = Readings::of([Lab::of(52, 10, -20)]);

        self::assertEqualsWithDelta(0.0, Ciede2000::between($readings->colour, Lab::of(52, 10, -20)), 1e-9);
        self::assertSame([1, 0], [$readings->kept, $readings->dropped]);
    }

    public function testNoReadingsAreRefused(): void
    {
        $this->expectException(IllegalColour::class);
        Readings::of([]);
    }

    /** @return iterable<array{float, float, float}> */
    public static function impossible(): iterable
    {
        yield from [[NAN, 0, 0], [50, NAN, 0], [50, 0, INF], [-1, 0, 0], [101, 0, 0], [50, 151, 0]];
    }

    #[DataProvider('impossible')]
    public function testAReadingNoSurfaceCanGiveIsRefused(float $l, float $a, float $b): void
    {
        $this->expectException(IllegalColour::class);
        Lab::measured($l, $a, $b);
    }

    public function testColoursAreReadHoweverTheyAreWritten(): void
    {
        foreach (['52.5,10,-20', ' 52.5 10 -20 ', 'lab(52.5 10 -20)', 'LAB(52.5, +10, -20)'] as $text) {
            $colour = Lab::parse($text);
            self::assertSame([52.5, 10.0, -20.0], [$colour->lightness, $colour->a, $colour->b]);
        }
        self::assertSame('#7a5230', Lab::parse(' #7a5230')->toSrgb()->hex());
        foreach (['', 'lab', '52,10', '52 10 20 30', '500 0 0', '#12'] as $text) {
            try {
                Lab::parse($text);
                self::fail("taken: $text");
            } catch (IllegalColour) {
                self::addToAssertionCount(1);
            }
        }
    }

    /** Under light of any usual colour and strength a swatch beside the card comes out as itself. */
    public function testTheGreyCardTakesTheLightOut(): void
    {
        foreach ([[1.0, 1.0, 1.0], [1.3, 1.0, 0.65], [0.5, 0.6, 0.8]] as $light) {
            foreach (['#7a5230', '#2f7f86', '#b0242a', '#3a3a3a'] as $hex) {
                $card = GreyCard::of([self::lit([GreyCard::REFLECTANCE, GreyCard::REFLECTANCE, GreyCard::REFLECTANCE], $light)]);
                $colour = Srgb::parse($hex);
                $pixel = self::lit(array_map(Srgb::decode(...), [$colour->red, $colour->green, $colour->blue]), $light);
                self::assertEqualsWithDelta(0.0, Ciede2000::between(Paints::lab($hex), $card->correct($pixel)), 1e-6);
            }
        }
    }

    /** Dust, a scratch, a dead pixel: they are dropped, and the light is told by the rest. */
    public function testAFewStrayPixelsOnTheCardChangeNothing(): void
    {
        $grey = self::lit([GreyCard::REFLECTANCE, GreyCard::REFLECTANCE, GreyCard::REFLECTANCE], [1.2, 1.0, 0.7]);
        $clean = GreyCard::of(array_fill(0, 95, $grey));
        $dusty = GreyCard::of([...array_fill(0, 95, $grey), ...array_fill(0, 5, [0.9, 0.9, 0.9])]);

        foreach ($clean->gains() as $channel => $gain) {
            self::assertEqualsWithDelta($gain, $dusty->gains()[$channel], 1e-9);
        }
    }

    /** @return iterable<string, array{list<array{float, float, float}>, string}> */
    public static function badCards(): iterable
    {
        yield 'overexposed' => [array_fill(0, 50, [1.0, 0.99, 0.98]), 'overexposed'];
        yield 'dark' => [array_fill(0, 50, [0.01, 0.01, 0.01]), 'too dark'];
        yield 'coloured' => [array_fill(0, 50, [0.7, 0.3, 0.3]), 'coloured'];
        yield 'uneven' => [[...array_fill(0, 50, [0.3, 0.3, 0.3]), ...array_fill(0, 50, [0.6, 0.6, 0.6])], 'unevenly'];
        yield 'a strip of white paper marked with it' => [
            [...array_fill(0, 85, [0.45, 0.46, 0.44]), ...array_fill(0, 15, [0.9, 0.9, 0.88])],
            'unevenly',
        ];
        yield 'none' => [[], 'nothing to average'];
    }

    /** @param list<array{float, float, float}> $pixels */
    #[DataProvider('badCards')]
    public function testACardThatTellsNothingIsRefused(array $pixels, string $why): void
    {
        $this->expectExceptionMessage($why);
        GreyCard::of($pixels);
    }

    /**
     * @param array<float> $linear
     * @param array{float, float, float} $light
     *
     * @return array{float, float, float}
     */
    private static function lit(array $linear, array $light): array
    {
        return [Srgb::encode($linear[0] * $light[0]), Srgb::encode($linear[1] * $light[1]), Srgb::encode($linear[2] * $light[2])];
    }
}
