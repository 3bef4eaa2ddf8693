<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** Each area edged carefully at once, or painted over and the neighbours cut back in. */
enum Edges: string
{
    case Neat = 'neat';
    case Messy = 'messy';

    public function label(): string
    {
        return match ($this) {
            self::Neat => 'neat: each area edged at once',
            self::Messy => 'messy: over everything, neighbours cut back in',
        };
    }
}
