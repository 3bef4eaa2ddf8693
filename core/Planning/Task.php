<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Nature;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/** A step that is to be put in order. Without an area it is done to the whole model. */
final readonly class Task
{
    /**
     * @param int $number its place in the recipe, from 0
     * @param int $rank its turn in the order of the work, never before what its recipe has before it
     */
    public function __construct(
        public Step $step,
        public ?Area $area,
        public int $number,
        public int $rank,
    ) {}

    public function id(): string
    {
        return $this->step->id;
    }

    public function does(Nature ...$any): bool
    {
        return $this->step->technique->does(...$any);
    }
}
