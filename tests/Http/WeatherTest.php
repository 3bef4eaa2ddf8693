<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Facades\Date;

/** The simulated weather station: the same hour has the same weather, and its spells make a day fit or unfit for priming. */
final class WeatherTest extends HttpTestCase
{
    public function testTheSameHourHasTheSameWeather(): void
    {
        Date::setTestNow('2026-11-25 14:20:00');
        $day = $this->ask('GET', '/spray-day?method=spray-can');
        self::assertCount(48, $day['hours']);
        self::assertSame('2026-11-25T14:00:00+00:00', $day['hours'][0]['at']);
        self::assertSame($day, $this->ask('GET', '/spray-day?method=spray-can'));

        Date::setTestNow('2026-11-25 16:00:00');
        self::assertSame(array_slice($day['hours'], 2), array_slice($this->ask('GET', '/spray-day?method=spray-can')['hours'], 0, 46));
    }

    public function testSpellsMakeItFitOrUnfit(): void
    {
        Date::setTestNow('2026-05-20 11:00:00');
        $verdict = function (string $spell, string $method = 'spray-can'): string {
            $this->ask('PUT', '/devices/weather', ['spell' => $spell], 204);

            return $this->ask('GET', "/spray-day?method=$method")['verdict'];
        };

        self::assertSame(['go', 'another-way', 'another-way', 'go'], [$verdict('mild'), $verdict('damp'), $verdict('frost'), $verdict('damp', 'airbrush')]);
        self::assertSame(['spell'], self::fields($this->ask('PUT', '/devices/weather', ['spell' => 'hurricane'], 422)));
        self::assertSame(['method'], self::fields($this->ask('GET', '/spray-day?method=roller', null, 422)));
        self::assertSame('damp', $this->ask('GET', '/spray-day?method=brush')['spell'], 'What was refused changed nothing.');
    }
}
