<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Devices\Outside;
use DateTimeImmutable;
use Kalokroma\Craft\SprayMethod;
use Kalokroma\Planning\SprayVerdict;
use Kalokroma\Planning\SprayWeather;

/** The hours to come as far as they are known, judged for priming. */
final class SprayDayResource
{
    /** @return array<string, mixed> */
    public static function of(Outside $outside, SprayMethod $method, DateTimeImmutable $now): array
    {
        $day = $outside->day($method);
        if ($day === null) {
            return [
                'source' => null,
                'verdict' => null,
                'words' => $method === SprayMethod::SprayCan
                    ? sprintf(
                        'A can wants %.0f to %.0f °C and no more than %.0f %% humidity.',
                        SprayWeather::CAN_FROM,
                        SprayWeather::CAN_TO,
                        SprayWeather::TOO_HUMID,
                    )
                    : '',
                'reason' => '',
                'from' => null,
                'waitMinutes' => null,
                'hours' => [],
                'windows' => [],
            ];
        }
        $hour = $now->setTime((int) $now->format('G'), 0);
        $at = static fn(int $number): string => $hour->modify("+$number hours")->format(DATE_ATOM);
        $isForetold = $outside->source === Outside::STATION;
        $verdict = $isForetold ? $day->verdict() : $day->hours[0]->verdict;

        return [
            'source' => $outside->source,
            'verdict' => $verdict->value,
            'words' => match ($verdict) {
                SprayVerdict::Go => 'Go: the weather is fit for it now.',
                SprayVerdict::Wait => 'Wait for a better hour.',
                SprayVerdict::AnotherWay => $isForetold
                    ? 'Another way: no hour of the next two days is fit for it.'
                    : 'Another way: no waiting for a better hour helps today.',
            },
            'reason' => $day->reason(),
            'from' => $day->hoursUntil() === null ? null : $at($day->hoursUntil()),
            'waitMinutes' => $day->waitMinutes(),
            'hours' => array_map(static fn(SprayWeather $one, int $number): array => [
                'at' => $at($number), 'celsius' => $outside->hours[$number]['celsius'], 'humidity' => $outside->hours[$number]['humidity'],
                'verdict' => $one->verdict->value,
            ], $day->hours, array_keys($day->hours)),
            'windows' => array_map(static fn(array $one): array => ['from' => $at($one['from']), 'to' => $at($one['to'] + 1)], $day->windows),
        ];
    }
}
