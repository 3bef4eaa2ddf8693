<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\DeviceState;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A station that exists only here: a year of a temperate coast with its days and nights, and a throw of the dice for each hour. The same
 * hour always has the same weather, as long as the spell is the same.
 */
final class SimulatedWeatherStation implements WeatherStation
{
    private const NAME = 'weather-station';

    /** °C: mean of the year, half of what summer and winter differ by, half of what noon and night do, and the most that chance adds. */
    private const CELSIUS = [11.0, 8.0, 4.5, 2.0];

    /** The same in %. */
    private const HUMIDITY = [68.0, 6.0, -14.0, 6.0];

    private const WARMEST_DAY = 201;

    private const WARMEST_HOUR = 15;

    public function hours(DateTimeImmutable $from, int $count): array
    {
        $hour = $from->setTime((int) $from->format('G'), 0);
        $hours = [];
        for ($number = 0; $number < $count; $number++) {
            $hours[] = $this->at($hour->modify("+$number hours"));
        }

        return $hours;
    }

    public function spell(): Spell
    {
        return Spell::tryFrom((string) (DeviceState::query()->find(self::NAME)->state['spell'] ?? '')) ?? Spell::Usual;
    }

    public function turn(Spell $spell): void
    {
        DB::transaction(static fn() => DeviceState::query()->updateOrCreate(['device' => self::NAME], ['state' => ['spell' => $spell->value]]));
    }

    /** @return array{celsius: float, humidity: float} */
    private function at(DateTimeImmutable $hour): array
    {
        $year = cos(2 * M_PI * ((int) $hour->format('z') - self::WARMEST_DAY) / 365);
        $day = cos(2 * M_PI * ((int) $hour->format('G') - self::WARMEST_HOUR) / 24);
        $random = new Randomizer(new Mt19937((int) $hour->format('YmdH')));
        $chance = static fn(): float => $random->getInt(-1000, 1000) / 1000;
        [$warmer, $damper] = $this->spell()->shift();
        $of = static fn(array $numbers): float => $numbers[0] + $numbers[1] * $year + $numbers[2] * $day + $numbers[3] * $chance();

        return [
            'celsius' => round($of(self::CELSIUS) + $warmer, 1),
            'humidity' => (float) round(max(
                15.0,
                min(100.0, $of([self::HUMIDITY[0], -self::HUMIDITY[1], self::HUMIDITY[2], self::HUMIDITY[3]]) + $damper),
            )),
        ];
    }
}
