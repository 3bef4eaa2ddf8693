<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** How full the brush is: of a wash how wet, of a dry brush how much was left in it. */
enum Load: string
{
    case Thin = 'thin';
    case Normal = 'normal';
    case Flooded = 'flooded';
    case Dusting = 'dusting';
    case Heavy = 'heavy';

    /** @return list<self> what a wash may be */
    public static function ofWashes(): array
    {
        return [self::Thin, self::Normal, self::Flooded];
    }

    /** @return list<self> what a dry brush may be */
    public static function ofDryBrushes(): array
    {
        return [self::Dusting, self::Normal, self::Heavy];
    }

    public function label(): string
    {
        return match ($this) {
            self::Dusting => 'dusting, a veil',
            self::Heavy => 'heavy, covers what stands up',
            default => $this->value,
        };
    }

    /** Of a normal wash so much is left by this one. What a dry brush leaves is told zone by zone (Deposit). */
    public function ofNormal(): float
    {
        return match ($this) {
            self::Thin => 0.7,
            self::Flooded => 1.5,
            default => 1.0,
        };
    }
}
