<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\SprayMethod;
use Kalokroma\Planning\IllegalWeather;
use Kalokroma\Planning\SprayVerdict;
use Kalokroma\Planning\SprayWeather;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SprayWeatherTest extends TestCase
{
    /** @return iterable<string, array{float, float, SprayMethod, SprayVerdict, list<string>}> */
    public static function weathers(): iterable
    {
        yield 'a mild evening' => [20.0, 50.0, SprayMethod::SprayCan, SprayVerdict::Go, []];
        yield 'just warm enough' => [10.0, 50.0, SprayMethod::SprayCan, SprayVerdict::Go, []];
        yield 'cold' => [8.0, 50.0, SprayMethod::SprayCan, SprayVerdict::Wait, ['cold']];
        yield 'frost' => [2.0, 50.0, SprayMethod::SprayCan, SprayVerdict::AnotherWay, ['cold']];
        yield 'hot' => [30.0, 50.0, SprayMethod::SprayCan, SprayVerdict::Wait, ['hot']];
        yield 'a heat wave' => [36.0, 50.0, SprayMethod::SprayCan, SprayVerdict::AnotherWay, ['hot']];
        yield 'damp' => [20.0, 70.0, SprayMethod::SprayCan, SprayVerdict::Go, ['damp']];
        yield 'rain' => [20.0, 80.0, SprayMethod::SprayCan, SprayVerdict::Wait, ['humid']];
        yield 'fog' => [20.0, 95.0, SprayMethod::SprayCan, SprayVerdict::AnotherWay, ['humid']];
        yield 'cold fog: the worse of both' => [8.0, 95.0, SprayMethod::SprayCan, SprayVerdict::AnotherWay, ['cold', 'humid']];
        yield 'an airbrush does not mind damp' => [20.0, 85.0, SprayMethod::Airbrush, SprayVerdict::Go, []];
        yield 'no film below five degrees' => [4.0, 50.0, SprayMethod::Brush, SprayVerdict::Wait, ['cold']];
    }

    /** @param list<string> $findings */
    #[DataProvider('weathers')]
    public function testAVerdictWithItsReasons(float $celsius, float $humidity, SprayMethod $method, SprayVerdict $verdict, array $findings): void
    {
        $weather = SprayWeather::of($celsius, $humidity, $method);

        self::assertSame([$verdict, $findings], [$weather->verdict, array_column($weather->findings, 'what')]);
        self::assertStringNotContainsString(
            '%',
            implode(' ', array_map(static fn(array $one): string => str_replace(' %', '', $one['words']), $weather->findings)),
        );
    }

    public function testItTakesLongerWhereItIsDampOrCool(): void
    {
        foreach (SprayMethod::cases() as $method) {
            $usual = SprayWeather::of(20.0, 50.0, $method)->waitMinutes;
            self::assertGreaterThan($usual, SprayWeather::of(20.0, 70.0, $method)->waitMinutes);
            self::assertGreaterThan($usual, SprayWeather::of(12.0, 50.0, $method)->waitMinutes);
        }
    }

    public function testThereIsNoSuchWeather(): void
    {
        foreach ([
            [-60.0, 50.0, 'celsius'],
            [NAN, 50.0, 'celsius'],
            [20.0, 101.0, 'humidity'],
            [20.0, -1.0, 'humidity'],
        ] as [$celsius, $humidity, $field]) {
            try {
                SprayWeather::of($celsius, $humidity, SprayMethod::SprayCan);
                self::fail("No complaint about $field.");
            } catch (IllegalWeather $illegal) {
                self::assertSame($field, $illegal->field);
            }
        }
    }
}
