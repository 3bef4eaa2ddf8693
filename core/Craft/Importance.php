<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** How much of the eye, and so of the work, an area gets. */
enum Importance: string
{
    case EyeCatcher = 'eye-catcher';
    case Normal = 'normal';
    case Quiet = 'quiet';

    public function label(): string
    {
        return $this->value;
    }

    /** Difference of lightness between recess and raised parts that is still seen at arm's length. */
    public function readableRange(): float
    {
        return $this === self::Quiet ? 12.0 : 18.0;
    }
}
