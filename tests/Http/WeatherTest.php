<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;

/** The weather outside: typed, or told by the simulated station; whether one may spray, and what the evenings make of it. */
final class WeatherTest extends HttpTestCase
{
    public function testTheSameHourHasTheSameWeather(): void
    {
        $this->travelTo('2026-11-25 14:20:00');
        $day = $this->ask('GET', '/spray-day?method=spray-can');
        self::assertCount(48, $day['hours']);
        self::assertSame(['station', '2026-11-25T14:00:00+00:00'], [$day['source'], $day['hours'][0]['at']]);
        self::assertSame($day, $this->ask('GET', '/spray-day?method=spray-can'));

        $this->travelTo('2026-11-25 16:00:00');
        self::assertSame(array_slice($day['hours'], 2), array_slice($this->ask('GET', '/spray-day?method=spray-can')['hours'], 0, 46));
    }

    public function testSpellsMakeItFitOrUnfit(): void
    {
        $this->travelTo('2026-05-20 11:00:00');
        $verdict = function (string $spell, string $method = 'spray-can'): string {
            self::assertSame($spell, $this->ask('PUT', '/settings', ['devices' => ['spell' => $spell]])['devices']['spell']);

            return $this->ask('GET', "/spray-day?method=$method")['verdict'];
        };

        self::assertSame(
            ['go', 'another-way', 'another-way', 'go'],
            [$verdict('mild'), $verdict('damp'), $verdict('frost'), $verdict('damp', 'airbrush')],
        );
        self::assertSame(['method'], self::fields($this->ask('GET', '/spray-day?method=roller', null, 422)));
    }

    public function testWithoutAStationItIsWhatWasTypedForThreeHours(): void
    {
        $this->travelTo('2026-11-25 14:20:00');
        self::assertFalse($this->ask('PUT', '/settings', ['devices' => ['station' => false]])['devices']['station']);
        $nothing = $this->ask('GET', '/spray-day?method=spray-can');
        self::assertSame([null, null, []], [$nothing['source'], $nothing['verdict'], $nothing['hours']]);

        $judged = function (float $celsius, float $humidity): array {
            $this->ask('PUT', '/settings', ['weather' => ['celsius' => $celsius, 'humidity' => $humidity]]);
            $day = $this->ask('GET', '/spray-day?method=spray-can');

            return [$day['source'], $day['verdict'], count($day['hours'])];
        };
        self::assertSame(['typed', 'go', 3], $judged(18.0, 50.0));
        self::assertSame(['typed', 'wait', 3], $judged(18.0, 80.0));
        self::assertSame(['typed', 'another-way', 3], $judged(18.0, 90.0));
        $this->travelTo('2026-11-25 16:59:00');
        self::assertCount(1, $this->ask('GET', '/spray-day?method=spray-can')['hours']);
        $this->travelTo('2026-11-25 17:00:00');
        self::assertNull($this->ask('GET', '/spray-day?method=spray-can')['source']);
        self::assertNull($this->ask('PUT', '/settings', ['weather' => null])['weather']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'spell' => [['devices' => ['spell' => 'hurricane']], 'devices.spell'];
        yield 'device' => [['devices' => ['station' => 'yes']], 'devices.station'];
        yield 'heat' => [['weather' => ['celsius' => 99, 'humidity' => 50]], 'weather.celsius'];
        yield 'air' => [['weather' => ['celsius' => 20]], 'weather.humidity'];
        yield 'set-up' => [['pace' => ['setUpMinutes' => 31]], 'pace.setUpMinutes'];
    }

    /** @param array<string, mixed> $wish */
    #[DataProvider('faults')]
    public function testWhatCannotBeChangesNothing(array $wish, string $field): void
    {
        $before = $this->ask('GET', '/settings');

        self::assertSame([$field], self::fields($this->ask('PUT', '/settings', $wish, 422)));
        self::assertSame($before, $this->ask('GET', '/settings'));
    }

    public function testPrimingWaitsForTheWeatherAndASittingThatWouldDoIsOffered(): void
    {
        $this->travelTo('2027-03-20 12:00:00');
        $this->ask(
            'PUT',
            '/evenings/week',
            ['hours' => array_map(static fn(int $weekday): array => ['weekday' => $weekday, 'from' => '19:30', 'minutes' => 120], range(1, 7))],
        );
        foreach ($this->ask('GET', '/batches')['batches'] as $batch) {
            $this->ask(
                'PUT',
                "/batches/{$batch['id']}/desk",
                ['rests' => true, 'skipped' => [], 'version' => $this->ask('GET', "/batches/{$batch['id']}")['version']],
            );
        }
        $plan = array_values(array_filter(
            $this->ask('GET', '/plans')['plans'],
            static fn(array $one): bool => $one['name'] === 'The Bound Capstan',
        ))[0];
        $this->ask('POST', '/batches', ['planId' => $plan['id'], 'name' => 'Primed in winter', 'models' => 4, 'startsOn' => '2027-03-20'], 201);
        $primes = static fn(array $agenda): array => array_values(array_filter(
            array_merge(...array_column($agenda['evenings'], 'items')),
            static fn(array $one): bool => $one['stepId'] === 'undercoat',
        ));

        // The evenings are cold: only a few hours of the day are fit.
        $windows = $this->ask('GET', '/spray-day?method=spray-can')['windows'];
        $agenda = $this->ask('GET', '/evenings');
        self::assertSame(['Primed in winter'], array_column($agenda['heldUp'], 'batchName'));
        $sitting = $agenda['heldUp'][0]['sitting'];
        self::assertSame($windows[0]['from'], "{$sitting['day']}T{$sitting['from']}:00+00:00");
        self::assertGreaterThanOrEqual('2027-03-22T12', $primes($agenda)[0]['start'], 'Not in the cold of the next two evenings.');

        $day = array_values(array_filter($agenda['days'], static fn(array $one): bool => $one['day'] === $sitting['day']))[0];
        $agenda = $this->ask(
            'PUT',
            "/evenings/days/{$sitting['day']}",
            ['sittings' => [...$day['sittings'], ['from' => $sitting['from'], 'minutes' => $sitting['minutes']]], 'version' => $day['version']],
        );
        self::assertSame([], $agenda['heldUp']);
        self::assertGreaterThanOrEqual($windows[0]['from'], $primes($agenda)[0]['start']);
        self::assertLessThanOrEqual($windows[0]['to'], $primes($agenda)[count($primes($agenda)) - 1]['end']);

        // In frost there is no such hour; who primes with a brush is not held up.
        $this->ask('PUT', '/settings', ['devices' => ['spell' => 'frost']]);
        self::assertNull($this->ask('GET', '/evenings')['heldUp'][0]['sitting']);
        $this->ask('PUT', '/settings', ['devices' => ['station' => false]]);
        self::assertSame([], $this->ask('GET', '/evenings')['heldUp']);
    }

    public function testMinutesToSetUpAreThePaintersOwn(): void
    {
        $this->travelTo('2026-11-26 12:00:00');
        $minutes = fn(): int => $this->ask('GET', '/evenings')['handsOnMinutes'];
        $plan = $this->ask('GET', '/plans')['plans'][0]['id'];
        $stop = fn(): float => $this->ask('GET', "/plans/$plan")['looks']['stops'][0]['minutesPerModel'];
        [$usual, $usually] = [$minutes(), $stop()];

        $this->ask('PUT', '/settings', ['pace' => ['setUpMinutes' => 6]]);

        self::assertGreaterThan($usual + 60, $minutes());
        self::assertGreaterThan($usually + 20, $stop());
    }
}
