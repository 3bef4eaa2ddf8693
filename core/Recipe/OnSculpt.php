<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Craft\Facing;

/** What was measured of an area on a sculpt of the model. Null: not measured. */
final readonly class OnSculpt
{
    public const LEAST_CM2 = 0.001;

    public const MOST_CM2 = 10_000.0;

    /**
     * @param float|null $cm2 its surface; where there is none what its size says
     * @param float|null $height how high its middle sits, 0 (the foot) to 1 (the top of the model)
     */
    public function __construct(
        public ?float $cm2 = null,
        public ?float $height = null,
        public ?Facing $facing = null,
    ) {}

    /** The same, and what was measured since in place of it. */
    public function and(self $newer): self
    {
        return new self($newer->cm2 ?? $this->cm2, $newer->height ?? $this->height, $newer->facing ?? $this->facing);
    }
}
