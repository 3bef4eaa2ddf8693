<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/** What can go wrong on a model that was right already. */
enum Slipped: string
{
    case PaintOnIt = 'paint-on-it';
    case Dulled = 'dulled';
    case Gap = 'gap';
    case Rubbed = 'rubbed';

    public function label(): string
    {
        return match ($this) {
            self::PaintOnIt => 'paint got on it',
            self::Dulled => 'dulled by a wash or dust beside it',
            self::Gap => 'a spot was missed',
            self::Rubbed => 'rubbed or chipped off',
        };
    }
}
