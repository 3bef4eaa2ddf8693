<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** An area's share of the model's surface, in words that can be said by looking. */
enum AreaSize: string
{
    case Speck = 'speck';
    case Small = 'small';
    case Medium = 'medium';
    case Large = 'large';
    case Main = 'main';

    /** 0…1 */
    public function share(): float
    {
        return match ($this) {
            self::Speck => 0.01,
            self::Small => 0.04,
            self::Medium => 0.12,
            self::Large => 0.30,
            self::Main => 0.50,
        };
    }
}
