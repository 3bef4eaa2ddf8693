<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What the paint is put on with. */
enum Brush: string
{
    case LargeBase = 'large-base';
    case Medium = 'medium';
    case Fine = 'fine';
    case Drybrush = 'drybrush';
    case OldBrush = 'old-brush';
    case SprayCan = 'spray-can';
    case Airbrush = 'airbrush';

    public function label(): string
    {
        return match ($this) {
            self::LargeBase => 'large base brush',
            self::Medium => 'medium brush',
            self::Fine => 'fine brush',
            self::Drybrush => 'drybrush',
            self::OldBrush => 'old brush',
            self::SprayCan => 'spray can',
            self::Airbrush => 'airbrush',
        };
    }
}
