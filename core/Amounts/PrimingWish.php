<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

/** What matters to somebody who has to prime. */
enum PrimingWish: string
{
    case FineDetail = 'fine-detail';
    case NoDust = 'no-dust';
    case Cheap = 'cheap';
    case Quick = 'quick';

    public function label(): string
    {
        return match ($this) {
            self::FineDetail => 'fine or soft detail',
            self::NoDust => 'no dust on it',
            self::Cheap => 'little money',
            self::Quick => 'little time',
        };
    }
}
