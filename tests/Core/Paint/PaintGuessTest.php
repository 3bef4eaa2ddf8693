<?php

declare(strict_types=1);

namespace Tests\Core\Paint;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Srgb;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\PaintGuess;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PaintGuessTest extends TestCase
{
    /** @return iterable<string, array{string, Kind, Kind, string|null}> name, otherwise, kind, what its colour is called */
    public static function names(): iterable
    {
        yield 'a colour' => ['Deep Blue', Kind::Opaque, Kind::Opaque, 'blue'];
        yield 'the last colour word counts' => ['blue grey', Kind::Opaque, Kind::Opaque, 'grey'];
        yield 'a primer' => ['Black primer', Kind::Opaque, Kind::Primer, 'black'];
        yield 'asked for as a primer' => ['Bone', Kind::Primer, Kind::Primer, 'ivory'];
        yield 'a metal asked for as a primer' => ['Gunmetal', Kind::Primer, Kind::Primer, 'grey'];
        yield 'a wash' => ['Brown wash', Kind::Opaque, Kind::Wash, null];
        yield 'a metal' => ['Old gold', Kind::Opaque, Kind::Metallic, 'ochre'];
        yield 'nothing known' => ['Heron ground', Kind::Opaque, Kind::Opaque, 'grey'];
    }

    #[DataProvider('names')]
    public function testANameSuggestsKindAndColour(string $name, Kind $otherwise, Kind $kind, ?string $hue): void
    {
        $guess = PaintGuess::of($name, $otherwise);

        self::assertSame($kind, $guess->kind);
        self::assertNotNull($guess->swatch);
        if ($hue !== null) {
            self::assertSame($hue, ColourName::of(Srgb::parse($guess->swatch)->toLab())->hueWord(), $guess->swatch);
        }
        self::assertSame($name !== 'Heron ground', $guess->knowsColour);
    }

    public function testAFluidHasNoColourAndATransparentIsSeenOverWhite(): void
    {
        self::assertNull(PaintGuess::of('Matt varnish')->swatch);
        $masstone = Srgb::parse((string) PaintGuess::of('Brown')->swatch)->toLab();
        $wash = Srgb::parse((string) PaintGuess::of('Brown wash')->swatch)->toLab();

        self::assertGreaterThan($masstone->lightness + 20, $wash->lightness);
        self::assertGreaterThan(15.0, Ciede2000::between($masstone, $wash));
    }

    /** "sky blue" is a sky, not a blue, and pale is lighter than dark. */
    public function testWhichOfAColourAndHowLight(): void
    {
        $value = static fn(string $name): int => Srgb::parse((string) PaintGuess::of($name)->swatch)->toLab()->value();

        self::assertGreaterThan($value('blue') + 15, $value('sky blue'));
        self::assertSame($value('sky'), $value('sky blue'));
        self::assertGreaterThan($value('green') + 10, $value('pale green'));
        self::assertLessThan($value('green') - 8, $value('dark green'));
    }
}
