<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What carries solvent-borne grime: how soon it can be wiped, and how long it stays soft. */
enum Spirit: string
{
    case Enamel = 'enamel';
    case Oil = 'oil';

    /** Until it may be wiped or feathered without smearing; oil can be worked for a day. */
    public function wipeMinutes(): int
    {
        return 120;
    }

    /** Until something may be laid over it. */
    public function coatMinutes(): int
    {
        return match ($this) {
            self::Enamel => 240,
            self::Oil => 1440,
        };
    }
}
