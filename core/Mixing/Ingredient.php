<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Paint\Paint;

/** One paint of a mix and how many parts of it. */
final readonly class Ingredient
{
    private function __construct(
        public Paint $paint,
        public int $parts,
    ) {}

    /** @throws IllegalMix when parts are none, negative or too many */
    public static function of(Paint $paint, int $parts): self
    {
        if ($parts < 1 || $parts > Mix::MOST_PARTS) {
            throw IllegalMix::parts($parts);
        }

        return new self($paint, $parts);
    }
}
