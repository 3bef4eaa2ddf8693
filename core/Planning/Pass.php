<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/** One trip through the whole batch: the same step on every model. Without an area it is done to the whole model. */
final readonly class Pass
{
    /** @param list<string> $reasons why it stands where it stands */
    public function __construct(
        public int $number,
        public ?Area $area,
        public Step $step,
        public array $reasons = [],
        public bool $isUndercoat = false,
        public bool $joinsLast = false,
    ) {}

    public function touches(Area $area): bool
    {
        return $this->area === null || $this->area->id === $area->id;
    }
}
