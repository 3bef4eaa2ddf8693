<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

/** How a wanted paint stands against the shelf. */
enum Standing: string
{
    case Owned = 'owned';
    case Substitute = 'substitute';
    case Mix = 'mix';
    case Made = 'made';
    case Missing = 'missing';
    case Unknown = 'unknown';

    public static function ofWay(Way $way): self
    {
        return match ($way) {
            Way::Paint => self::Substitute,
            Way::Mix => self::Mix,
            Way::Weaker, Way::Stronger, Way::ThinnedPaint => self::Made,
        };
    }
}
