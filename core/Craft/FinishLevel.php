<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** How far the painter means to take the model. */
enum FinishLevel: string
{
    case TableReady = 'table-ready';
    case Display = 'display';

    public function label(): string
    {
        return $this->value;
    }

    /** ΔE₀₀ to the full colour at which a coat counts as covering. */
    public function coverTolerance(): float
    {
        return match ($this) {
            self::TableReady => 3.0,
            self::Display => 1.5,
        };
    }
}
