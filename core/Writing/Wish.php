<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

/** What a painter says on seeing a recipe. */
enum Wish: string
{
    case Brighter = 'brighter';
    case Calmer = 'calmer';
    case Warmer = 'warmer';
    case Cooler = 'cooler';
    case MoreContrast = 'more-contrast';
    case FewerSteps = 'fewer-steps';
    case Faster = 'faster';
    case FewestPots = 'fewest-pots';
    case FromDark = 'from-dark';

    /** How often it can be said again and still mean more. */
    public const MOST = 3;

    public function label(): string
    {
        return match ($this) {
            self::MoreContrast => 'more contrast',
            self::FewerSteps => 'fewer steps',
            self::FewestPots => 'fewest pots',
            self::FromDark => 'from dark to light',
            default => $this->value,
        };
    }

    /** The wish that takes it back, if there is one. */
    public function opposite(): ?self
    {
        return match ($this) {
            self::Warmer => self::Cooler,
            self::Cooler => self::Warmer,
            self::Brighter => self::Calmer,
            self::Calmer => self::Brighter,
            default => null,
        };
    }

    /** Saying it again asks for more of it. */
    public function grows(): bool
    {
        return match ($this) {
            self::Brighter, self::Calmer, self::Warmer, self::Cooler, self::MoreContrast => true,
            default => false,
        };
    }
}
