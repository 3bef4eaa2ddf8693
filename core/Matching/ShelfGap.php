<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

/** A region of hue and value where the shelf has nothing. */
final readonly class ShelfGap
{
    /**
     * @param string $words as in "no dark cool green"
     * @param float $hue middle, degrees of CIELAB
     * @param float $value middle, L*
     * @param float $size how far the nearest paint lies, in steps of the map: 1 is HUE_STEP degrees or VALUE_STEP of L*
     */
    public function __construct(
        public string $words,
        public float $hue,
        public float $value,
        public float $size,
    ) {}
}
