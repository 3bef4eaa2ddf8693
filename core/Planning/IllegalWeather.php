<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Illegal;

/** A weather that is nowhere. */
final class IllegalWeather extends Illegal
{
    public static function temperature(): self
    {
        return new self('The temperature is given in °C, from -40 to 60.', 'celsius');
    }

    public static function humidity(): self
    {
        return new self('The humidity is given in %, from 0 to 100.', 'humidity');
    }
}
