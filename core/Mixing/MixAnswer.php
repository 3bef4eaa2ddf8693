<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;

/** A mix the solver found, the colour it dries to, and how that differs from the target. */
final readonly class MixAnswer
{
    public function __construct(
        public Mix $mix,
        public Lab $colour,
        public Difference $difference,
    ) {}
}
