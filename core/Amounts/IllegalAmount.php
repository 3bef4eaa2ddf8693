<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Illegal;

/** An amount that cannot be reckoned. */
final class IllegalAmount extends Illegal
{
    public static function drop(): self
    {
        return new self(sprintf('A drop has %s to %s ml.', Measures::LEAST_DROP_ML, Measures::MOST_DROP_ML), 'dropMl');
    }

    public static function loss(): self
    {
        return new self(sprintf('What stays on the palette is a share from 0 to %s.', Measures::MOST_LOSS), 'palettePart');
    }

    public static function models(int $most): self
    {
        return new self(sprintf('A batch has 1 to %d models.', $most), 'models');
    }
}
