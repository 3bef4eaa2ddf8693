<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/** How a painter speaks of a difference. The limits are upper bounds of ΔE₀₀. */
enum Closeness: string
{
    case Same = 'same';
    case SideBySide = 'side-by-side';
    case Close = 'close';
    case SameFamily = 'same-family';
    case Different = 'different';

    public static function ofDifference(float $difference): self
    {
        return match (true) {
            $difference <= 1 => self::Same,
            $difference <= 2 => self::SideBySide,
            $difference <= 4 => self::Close,
            $difference <= 8 => self::SameFamily,
            default => self::Different,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Same => 'cannot be told apart',
            self::SideBySide => 'seen only side by side',
            self::Close => 'close',
            self::SameFamily => 'same family',
            self::Different => 'a different colour',
        };
    }
}
