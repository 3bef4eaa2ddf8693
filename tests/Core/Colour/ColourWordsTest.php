<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\ColourWords;
use Kalokroma\Colour\IllegalColour;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Temperature;
use PHPUnit\Framework\TestCase;

/** Colours said in words. */
final class ColourWordsTest extends TestCase
{
    public function testWordsAreUnderstoodInTheMiddleOfANameToo(): void
    {
        foreach ([
            'warm red' => 'red', 'dark teal' => 'teal', 'bone' => 'ivory', 'A warm red cloak' => 'red', 'blue grey' => 'grey',
            'pale sky blue' => 'blue', 'olive' => 'olive',
        ] as $words => $hue) {
            self::assertSame($hue, ColourName::of(ColourWords::of($words) ?? self::fail($words))->hueWord(), $words);
        }
        self::assertNull(ColourWords::of('the left shoulder'));
        self::assertNull(ColourWords::of(''));
    }

    public function testModifiersMoveAColourTheirWay(): void
    {
        $of = static fn(string $words): Lab => ColourWords::of($words) ?? self::fail($words);
        foreach (['red', 'green', 'blue', 'grey', 'brown', 'purple'] as $colour) {
            self::assertGreaterThan($of($colour)->lightness + 10.0, $of("pale $colour")->lightness, $colour);
            self::assertLessThan($of($colour)->lightness - 5.0, $of("dark $colour")->lightness, $colour);
            self::assertGreaterThan(Temperature::warmth($of("cool $colour")) + 5.0, Temperature::warmth($of("warm $colour")), $colour);
            self::assertLessThanOrEqual(0.7 * $of($colour)->toLch()->chroma + 0.1, $of("dull $colour")->toLch()->chroma, $colour);
        }
    }

    public function testWhatIsTypedIsANumberOrAWord(): void
    {
        self::assertSame('#a3231f', Lab::spoken('#a3231f')->toSrgb()->hex());
        self::assertSame('#a3231f', Lab::spoken('red')->toSrgb()->hex());
        self::assertEqualsWithDelta(40.0, Lab::spoken('40 50 30')->lightness, 0.001);
        $this->expectException(IllegalColour::class);
        $this->expectExceptionMessage(
            '"shiny" is no colour known here. Write six hexadecimal digits, for example #7a5230, or words like "warm red" or "dark teal".',
        );
        Lab::spoken('shiny');
    }
}
