<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Paint\IllegalPaint;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\NamedTint;
use Kalokroma\Paint\Paint;
use Kalokroma\Paint\PaintGuess;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

/** What a transparent is taken for that is known by its name only. */
final class NamedTintTest extends TestCase
{
    public function testABrownWashIsABrownOverWhiteAndABlackOneAGrey(): void
    {
        self::assertLessThan(4.0, Ciede2000::between(Paints::lab('#b88c60'), self::swatch('Brown wash')));
        self::assertEqualsWithDelta(49.0, self::swatch('Black wash')->lightness, 3.0);
        self::assertLessThan(3.0, self::swatch('Black wash')->toLch()->chroma);
    }

    /** @return iterable<string, array{string}> */
    public static function washes(): iterable
    {
        foreach (['Brown', 'Umber', 'Sepia', 'Black', 'Blue', 'Green', 'Red', 'Purple', 'Rust', 'Olive'] as $colour) {
            yield $colour => ["$colour wash"];
        }
    }

    /** Two coats' worth of it in a recess of bone is seen as a shade, and leans the way it is called. */
    #[DataProvider('washes')]
    public function testAWashShadesVisibly(string $name): void
    {
        $wash = Paint::of('w', $name, Kind::Wash, self::swatch($name));
        $bone = Paints::surface('#d8c8a2');
        $shaded = $wash->optics()->over($bone, 2.0)->toLab();

        self::assertLessThan($bone->toLab()->lightness - 20.0, $shaded->lightness);
        self::assertLessThan(0.03, $wash->opacity()->share);
    }

    public function testAWhiteInkAndAPaleWashVeil(): void
    {
        foreach (['White ink', 'White wash', 'Bone wash', 'Ivory ink', 'Pale cream ink'] as $name) {
            $guess = PaintGuess::of($name);
            $paint = Paint::of('p', $name, $guess->kind, self::swatch($name));
            $black = Paints::surface('#1c1b1c');

            self::assertGreaterThanOrEqual(0.3, $paint->opacity()->share, $name);
            self::assertTrue($paint->opacity()->isEstimate);
            self::assertGreaterThan($black->toLab()->lightness + 25.0, $paint->optics()->over($black, 1.0)->toLab()->lightness, $name);
        }
        // A dark or strong transparent stays one, whatever its swatch over white: pale yellow is no white.
        foreach (['#f6e7a0' => 'Sun ink', '#cec3b9' => 'Fen wash', '#8fb0d0' => 'Pale water ink'] as $hex => $name) {
            self::assertLessThan(0.06, Paint::of('p', $name, Kind::Ink, Paints::lab($hex))->opacity()->share, $name);
        }
    }

    public function testWhatCoversHasNoTint(): void
    {
        $this->expectException(IllegalPaint::class);
        NamedTint::overWhite(Paints::lab('#6a4326'), Kind::Opaque);
    }

    private static function swatch(string $name): Lab
    {
        return Srgb::parse((string) PaintGuess::of($name)->swatch)->toLab();
    }
}
