<?php

declare(strict_types=1);

namespace App\Shelf;

use Kalokroma\Exchange\PaintSource;
use Kalokroma\Paint\Paint;

/** Paints among which one is as it is about to become. */
final readonly class ChangedPaint implements PaintSource
{
    public function __construct(
        private PaintSource $paints,
        private Paint $changed,
    ) {}

    public function find(string $id): ?Paint
    {
        return $id === $this->changed->id ? $this->changed : $this->paints->find($id);
    }
}
