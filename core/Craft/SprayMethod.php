<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** How an undercoat gets onto the model. */
enum SprayMethod: string
{
    case SprayCan = 'spray-can';
    case Airbrush = 'airbrush';
    case Brush = 'brush';

    public function label(): string
    {
        return match ($this) {
            self::SprayCan => 'spray can',
            self::Airbrush => 'airbrush',
            self::Brush => 'brush',
        };
    }

    /** At 20 °C and 50 % humidity, until it may be painted over: the propellant of a can must gas out. */
    public function dryMinutes(): int
    {
        return match ($this) {
            self::SprayCan => 60,
            self::Airbrush => 10,
            self::Brush => 60,
        };
    }

    public function brush(): Brush
    {
        return match ($this) {
            self::SprayCan => Brush::SprayCan,
            self::Airbrush => Brush::Airbrush,
            self::Brush => Brush::LargeBase,
        };
    }

    public function hazard(): ?Hazard
    {
        return match ($this) {
            self::SprayCan => Hazard::Aerosol,
            self::Airbrush => Hazard::Airbrush,
            self::Brush => null,
        };
    }
}
