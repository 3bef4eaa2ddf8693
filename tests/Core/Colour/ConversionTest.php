<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\IllegalColour;
use Kalokroma\Colour\Oklab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Colour\Xyz;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ConversionTest extends TestCase
{
    private const THOUSANDTH_OF_A_STEP = 0.001 / 255;

    /**
     * Made by an implementation that shares nothing with ours; tests/Core/Colour/make-reference.mjs says how.
     *
     * @return iterable<string, array{string, list<float>, list<float>}>
     */
    public static function reference(): iterable
    {
        /** @var list<array{hex: string, lab: list<float>, oklab: list<float>}> $colours */
        $colours = json_decode((string) file_get_contents(__DIR__.'/reference.json'), true, 8, JSON_THROW_ON_ERROR);
        foreach ($colours as $colour) {
            yield $colour['hex'] => [$colour['hex'], $colour['lab'], $colour['oklab']];
        }
    }

    /**
     * @param list<float> $lab
     * @param list<float> $oklab
     */
    #[DataProvider('reference')]
    public function testAgreesWithAnIndependentImplementation(string $hex, array $lab, array $oklab): void
    {
        $xyz = Srgb::parse($hex)->toXyz();
        $ours = $xyz->toLab();
        foreach ([$ours->lightness, $ours->a, $ours->b] as $i => $number) {
            self::assertEqualsWithDelta($lab[$i], $number, 1e-6 * max(1.0, abs($lab[$i])));
        }
        $ours = $xyz->toOklab();
        foreach ([$ours->lightness, $ours->a, $ours->b] as $i => $number) {
            self::assertEqualsWithDelta($oklab[$i], $number, 1e-6 * max(1.0, abs($oklab[$i])));
        }
    }

    public function testThereAndBackChangesNothingThatAScreenCouldShow(): void
    {
        for ($red = 0; $red < 256; $red += 15) {
            for ($green = 0; $green < 256; $green += 15) {
                for ($blue = 0; $blue < 256; $blue += 15) {
                    $colour = Srgb::of($red / 255, $green / 255, $blue / 255);
                    $lab = $colour->toLab();
                    foreach ([
                        $colour->toXyz(),
                        $lab->toXyz(),
                        $lab->toLch()->toLab()->toXyz(),
                        Oklab::fromXyz($colour->toXyz())->toXyz(),
                    ] as $way => $xyz) {
                        $this->assertSameColour($colour, $xyz, $way);
                    }
                }
            }
        }
    }

    public function testScreenWhiteIsPerfectWhite(): void
    {
        $white = Srgb::parse('#ffffff')->toLab();

        self::assertEqualsWithDelta(100.0, $white->lightness, 1e-9);
        self::assertEqualsWithDelta(0.0, $white->a, 1e-9);
        self::assertEqualsWithDelta(0.0, $white->b, 1e-9);
    }

    /** @return iterable<array{string}> */
    public static function noColours(): iterable
    {
        yield from [['red'], ['#12345'], ['#1234567'], ['#12345g'], [''], ["#123456\n"], ['#１２３４５６']];
    }

    #[DataProvider('noColours')]
    public function testTextThatIsNoColourIsRefusedWithAMend(string $text): void
    {
        $this->expectException(IllegalColour::class);
        $this->expectExceptionMessage('#7a5230');

        Srgb::parse($text);
    }

    private function assertSameColour(Srgb $colour, Xyz $xyz, int $way): void
    {
        [$red, $green, $blue] = array_map(Srgb::encode(...), $xyz->toLinearRgb());
        $off = max(abs($red - $colour->red), abs($green - $colour->green), abs($blue - $colour->blue));

        self::assertLessThan(self::THOUSANDTH_OF_A_STEP, $off, $colour->hex().' by way '.$way);
    }
}
