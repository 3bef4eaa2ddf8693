<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/** How a painter speaks of a difference. */
enum Closeness: string
{
    case Same = 'same';
    case SideBySide = 'side-by-side';
    case Close = 'close';
    case SameFamily = 'same-family';
    case Different = 'different';

    public static function ofDifference(float $difference): self
    {
        return array_find(self::cases(), static fn(self $case): bool => $difference <= $case->upTo()) ?? self::Different;
    }

    /** Largest ΔE₀₀ that is still called so. */
    public function upTo(): float
    {
        return match ($this) {
            self::Same => 1.0,
            self::SideBySide => 2.0,
            self::Close => 4.0,
            self::SameFamily => 8.0,
            self::Different => INF,
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
