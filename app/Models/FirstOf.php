<?php

declare(strict_types=1);

namespace App\Models;

use Kalokroma\Exchange\PaintSource;
use Kalokroma\Paint\Paint;

/** Paints from one place, and what is not there from another. */
final readonly class FirstOf implements PaintSource
{
    public function __construct(
        private PaintSource $first,
        private PaintSource $then,
    ) {}

    public function find(string $id): ?Paint
    {
        return $this->first->find($id) ?? $this->then->find($id);
    }
}
