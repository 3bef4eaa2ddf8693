<?php

declare(strict_types=1);

namespace App\Devices;

/** What the weather of the simulated station is like at present. */
enum Spell: string
{
    case Usual = 'usual';
    case Mild = 'mild';
    case Damp = 'damp';
    case Frost = 'frost';
    case Heat = 'heat';

    /** @return array{float, float} what is added to temperature and humidity */
    public function shift(): array
    {
        return match ($this) {
            self::Usual => [0.0, 0.0],
            self::Mild => [6.0, -14.0],
            self::Damp => [0.0, 26.0],
            self::Frost => [-16.0, 4.0],
            self::Heat => [16.0, -10.0],
        };
    }
}
