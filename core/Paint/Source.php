<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

/** By what a paint was measured. */
enum Source: string
{
    case Photo = 'photo';
    case Reader = 'reader';
    case Typed = 'typed';
    case Mix = 'mix';

    public function label(): string
    {
        return match ($this) {
            self::Photo => 'from a photo',
            self::Reader => 'with the reader',
            self::Typed => 'typed in',
            self::Mix => 'by a measured mix',
        };
    }
}
