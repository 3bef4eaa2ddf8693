<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Craft\SprayMethod;
use Kalokroma\Planning\IllegalWeather;
use Kalokroma\Planning\SprayDay;
use Kalokroma\Planning\SprayVerdict;
use PHPUnit\Framework\TestCase;

/** The hours to come: now, later, or not at all. */
final class SprayDayTest extends TestCase
{
    private const FIT = ['celsius' => 18.0, 'humidity' => 50.0];

    private const DAMP = ['celsius' => 18.0, 'humidity' => 86.0];

    private const FROST = ['celsius' => -2.0, 'humidity' => 60.0];

    public function testItGoesNowWhenNowAndTheNextHourAreFit(): void
    {
        $day = SprayDay::of([self::FIT, self::FIT, self::DAMP], SprayMethod::SprayCan);

        self::assertSame([SprayVerdict::Go, 0, [['from' => 0, 'to' => 1]]], [$day->verdict(), $day->hoursUntil(), $day->windows]);
        self::assertSame(60, $day->waitMinutes());
    }

    /** One fit hour between two damp ones is too short for a batch to be sprayed and gas out. */
    public function testItWaitsForAWindowThatIsLongEnough(): void
    {
        $day = SprayDay::of([self::DAMP, self::FIT, self::DAMP, self::FIT, self::FIT, self::FIT, self::DAMP], SprayMethod::SprayCan);

        self::assertSame([SprayVerdict::Wait, 3, [['from' => 3, 'to' => 5]]], [$day->verdict(), $day->hoursUntil(), $day->windows]);
        self::assertStringContainsString('humidity', $day->reason());
    }

    public function testWhereNoHourIsFitAnotherWayIsAdvisedAndABrushGoesOn(): void
    {
        $week = array_fill(0, 48, self::FROST);

        self::assertSame(
            [SprayVerdict::AnotherWay, null, null],
            [
                SprayDay::of($week, SprayMethod::SprayCan)->verdict(),
                SprayDay::of($week, SprayMethod::SprayCan)->hoursUntil(),
                SprayDay::of($week, SprayMethod::SprayCan)->waitMinutes(),
            ],
        );
        self::assertSame(SprayVerdict::Go, SprayDay::of(array_fill(0, 48, self::DAMP), SprayMethod::Airbrush)->verdict());
    }

    public function testTheLastHoursCountToo(): void
    {
        self::assertSame(2, SprayDay::of([self::DAMP, self::DAMP, self::FIT, self::FIT], SprayMethod::SprayCan)->hoursUntil());
        self::assertSame(SprayVerdict::Go, SprayDay::of([self::FIT], SprayMethod::SprayCan)->verdict());
        self::assertSame(SprayVerdict::AnotherWay, SprayDay::of([], SprayMethod::SprayCan)->verdict());
    }

    public function testNoWeatherIsLikeThat(): void
    {
        $this->expectException(IllegalWeather::class);
        SprayDay::of([['celsius' => 18.0, 'humidity' => 140.0]], SprayMethod::SprayCan);
    }
}
