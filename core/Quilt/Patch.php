<?php

declare(strict_types=1);

namespace Kalokroma\Quilt;

use Kalokroma\Recipe\Area;

/** An area's place in the quilt, in shares of its sides: x to the right, y down. */
final readonly class Patch
{
    /** In shares of a side: less is rounding. */
    public const NONE = 1e-6;

    public function __construct(
        public Area $area,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
    ) {}

    /** Length of the border with another patch, in shares of a side; 0 where they meet in a corner at most. */
    public function seamWith(self $other): float
    {
        $across = min($this->x + $this->width, $other->x + $other->width) - max($this->x, $other->x);
        $down = min($this->y + $this->height, $other->y + $other->height) - max($this->y, $other->y);

        return match (true) {
            abs($across) < self::NONE => max(0.0, $down),
            abs($down) < self::NONE => max(0.0, $across),
            default => 0.0,
        };
    }
}
