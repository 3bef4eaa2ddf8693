<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\Product;

/** A plan that came from a file, and the paints that were new to the catalogue. */
final readonly class BroughtIn
{
    /** @param list<Product> $added */
    public function __construct(
        public Plan $plan,
        public array $added,
    ) {}
}
