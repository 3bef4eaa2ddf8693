<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DateTimeImmutable;
use Kalokroma\Planning\SprayDay;
use Kalokroma\Planning\SprayVerdict;
use Kalokroma\Planning\SprayWeather;

/** The hours to come, judged for priming. */
final class SprayDayResource
{
    /**
     * @param list<array{celsius: float, humidity: float}> $weather
     *
     * @return array<string, mixed>
     */
    public static function of(SprayDay $day, array $weather, DateTimeImmutable $now): array
    {
        $hour = $now->setTime((int) $now->format('G'), 0);
        $at = static fn(int $number): string => $hour->modify("+$number hours")->format(DATE_ATOM);

        return [
            'verdict' => $day->verdict()->value,
            'words' => match ($day->verdict()) {
                SprayVerdict::Go => 'Go: the weather is fit for it now.',
                SprayVerdict::Wait => 'Wait for a better hour.',
                SprayVerdict::AnotherWay => 'Another way: no hour of the next two days is fit for it.',
            },
            'reason' => $day->reason(),
            'from' => $day->hoursUntil() === null ? null : $at($day->hoursUntil()),
            'waitMinutes' => $day->waitMinutes(),
            'hours' => array_map(static fn(SprayWeather $one, int $number): array => [
                'at' => $at($number), 'celsius' => $weather[$number]['celsius'], 'humidity' => $weather[$number]['humidity'], 'verdict' => $one->verdict->value,
            ], $day->hours, array_keys($day->hours)),
            'windows' => array_map(static fn(array $one): array => ['from' => $at($one['from']), 'to' => $at($one['to'] + 1)], $day->windows),
        ];
    }
}
