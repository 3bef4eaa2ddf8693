<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** How wet a wash goes on. */
enum Load: string
{
    case Thin = 'thin';
    case Normal = 'normal';
    case Flooded = 'flooded';

    public function label(): string
    {
        return $this->value;
    }

    /** Of what a normal one leaves. */
    public function deposit(): float
    {
        return match ($this) {
            self::Thin => 0.7,
            self::Normal => 1.0,
            self::Flooded => 1.5,
        };
    }
}
