<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Paint\Paint;

/** A wanted paint and the bought one that does its job. */
final readonly class Covered
{
    /** @param float $difference ΔE₀₀; 0 for the very paint and for clear ones */
    public function __construct(
        public Paint $wanted,
        public Paint $by,
        public ForSale $from,
        public float $difference,
    ) {}
}
