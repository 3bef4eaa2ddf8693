<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Closeness;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class ColourNameTest extends TestCase
{
    /** @return iterable<array{string, string}> */
    public static function names(): iterable
    {
        yield from [
            ['#1f4f55', 'deep muted teal'], ['#b0242a', 'mid vivid red'], ['#e0ac1c', 'light vivid yellow'], ['#4a2c1c', 'deep muted brown'],
            ['#1c1b1c', 'black'], ['#7f8183', 'mid grey'], ['#f4f4ef', 'white'], ['#d98aa2', 'light pink'], ['#5f7a45', 'mid green'],
            ['#2a6fb0', 'mid blue'], ['#7d5a8c', 'mid violet'], ['#cdb27a', 'light tan'], ['#817637', 'mid olive'], ['#c0a070', 'light muted tan'],
            ['#84796c', 'mid greyish drab'], ['#7f8a84', 'mid greyish green'], ['#a06a2c', 'mid brown'], ['#b08a20', 'mid ochre'],
        ];
    }

    #[DataProvider('names')]
    public function testColoursAreCalledWhatAPainterWouldCallThem(string $hex, string $words): void
    {
        self::assertSame($words, ColourName::of(Paints::lab($hex))->words());
    }

    public function testTheSpokenScale(): void
    {
        foreach ([
            [0.0, Closeness::Same], [1.0, Closeness::Same], [1.01, Closeness::SideBySide], [2.0, Closeness::SideBySide],
            [4.0, Closeness::Close], [4.01, Closeness::SameFamily], [8.0, Closeness::SameFamily], [8.01, Closeness::Different],
        ] as [$number, $closeness]) {
            self::assertSame($closeness, Closeness::ofDifference($number), "ΔE₀₀ $number");
        }
    }

    public function testALeanSaysInWhichDirectionItIsOff(): void
    {
        $wanted = Lab::of(50, 10, 10);

        self::assertSame(['a touch too dark'], Difference::from($wanted, Lab::of(47, 10, 10))->leans());
        self::assertSame('too light', Difference::from($wanted, Lab::of(60, 10, 10))->leans()[0]);
        self::assertContains('too warm', Difference::from($wanted, Lab::of(50, 16, 22))->leans());
        self::assertSame('cannot be told apart', Difference::from($wanted, Lab::of(50.3, 10, 10))->words());
    }

    /** @return iterable<array{string, string, string}> */
    public static function shifts(): iterable
    {
        yield from [
            ['#b0242a', '#b0244a', 'pinker'], ['#b0242a', '#b03a1a', 'more orange'], ['#5f7a45', '#6f7a3a', 'yellower'],
            ['#5f7a45', '#457a60', 'greener'], ['#2f7f56', '#2f7f76', 'bluer'],
            ['#2a6fb0', '#2a80a0', 'greener'], ['#2a5fb0', '#4a52b0', 'more violet'], ['#e0ac1c', '#e09a1c', 'more orange'],
            ['#e0ac1c', '#c8b81c', 'greener'],
            ['#7d5a8c', '#8c5a80', 'pinker'],
        ];
    }

    #[DataProvider('shifts')]
    public function testAShiftOfHueIsNamedByWhereItGoes(string $from, string $to, string $word): void
    {
        self::assertStringContainsString($word, implode(', ', Difference::from(Paints::lab($from), Paints::lab($to))->turns()));
    }

    public function testWarmAndCool(): void
    {
        self::assertSame(Temperature::Warm, Temperature::of(Paints::lab('#e8862a')));
        self::assertSame(Temperature::Cool, Temperature::of(Paints::lab('#2a6fb0')));
        self::assertSame(Temperature::Neutral, Temperature::of(Paints::lab('#808080')));
    }
}
