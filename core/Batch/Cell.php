<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Variant;
use Kalokroma\Simulation\Look;

/** How one area of a model is painted: by which way, what it looks like in the end, and what that takes on one model. */
final readonly class Cell
{
    /**
     * @param Area $area of the plan as it is written
     * @param Variant|null $variant null: the area's own recipe
     * @param float $minutes hands-on
     * @param float $ml of the thinned mixes, palette loss included
     * @param list<Paint> $paints every pot
     */
    public function __construct(
        public Area $area,
        public ?Variant $variant,
        public Look $look,
        public float $minutes,
        public float $ml,
        public array $paints,
    ) {}
}
