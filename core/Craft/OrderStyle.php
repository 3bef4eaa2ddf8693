<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** Both ways through a model: the whole scheme at once, or one area after the other. */
enum OrderStyle: string
{
    case BasesFirst = 'bases-first';
    case AreaByArea = 'area-by-area';

    public function label(): string
    {
        return match ($this) {
            self::BasesFirst => 'all bases first',
            self::AreaByArea => 'area by area',
        };
    }
}
