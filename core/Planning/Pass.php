<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/** One trip through the whole batch: the same step on every model. Without an area it is the undercoat of the whole model. */
final readonly class Pass
{
    public function __construct(
        public int $number,
        public ?Area $area,
        public Step $step,
    ) {}
}
