<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

enum SprayVerdict: string
{
    case Go = 'go';
    /** For a better hour. */
    case Wait = 'wait';
    case AnotherWay = 'another-way';

    public function isWorseThan(self $other): bool
    {
        return array_search($this, self::cases(), true) > array_search($other, self::cases(), true);
    }
}
