<?php

declare(strict_types=1);

namespace App\Devices;

use DateTimeImmutable;

/** A weather station outside the door, with the forecast it knows of. */
interface WeatherStation
{
    /**
     * @param int $count of hours
     *
     * @return list<array{celsius: float, humidity: float}> one for each hour, that of `$from` first
     */
    public function hours(DateTimeImmutable $from, int $count): array;
}
