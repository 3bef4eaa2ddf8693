<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** Which way most of an area looks. */
enum Facing: string
{
    case Up = 'up';
    case Down = 'down';
    case Front = 'front';
    case Back = 'back';
    /** To the sides, or all round. */
    case Out = 'out';

    public function label(): string
    {
        return match ($this) {
            self::Up => 'up',
            self::Down => 'down',
            self::Front => 'to the front',
            self::Back => 'to the back',
            self::Out => 'all round',
        };
    }

    /**
     * @param float $x mean of where it looks, weighed by its skin: to the model's left
     * @param float $y up
     * @param float $z to the front
     */
    public static function of(float $x, float $y, float $z): self
    {
        // Sides that look away from each other leave little in common.
        if (hypot($y, $z) < 0.3 || abs($x) > max(abs($y), abs($z))) {
            return self::Out;
        }

        return match (true) {
            abs($y) >= abs($z) => $y > 0.0 ? self::Up : self::Down,
            default => $z > 0.0 ? self::Front : self::Back,
        };
    }
}
