<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Paint\Paint;

/** Where a plan document finds the paints it names. */
interface PaintSource
{
    public function find(string $id): ?Paint;
}
