<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

/** How full the pots of one paint are, as far as that is worth a word. */
enum PotLevel: string
{
    case None = 'none';
    case Low = 'low';
    case Fine = 'fine';

    /** With less than this share of one pot left, the next batch may run dry. */
    private const LOW_SHARE = 0.2;

    public static function of(int $pots, float $remainingMl, float $volumeMl): self
    {
        return match (true) {
            $pots < 1 => self::None,
            $remainingMl < self::LOW_SHARE * $volumeMl => self::Low,
            default => self::Fine,
        };
    }
}
