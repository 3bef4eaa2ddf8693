<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Illegal;

/** A batch that cannot be scheduled. */
final class IllegalJob extends Illegal
{
    public static function models(int $models): self
    {
        return new self(sprintf('A batch has 1 to %d models, not %d.', Job::MOST_MODELS, $models), 'models');
    }
}
