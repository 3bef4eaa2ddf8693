<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Lab;

/**
 * The colour a mix should have: as masstone, or as one coat over white when a transparent is wanted.
 */
final readonly class MixTarget
{
    private function __construct(
        public Lab $colour,
        public bool $isTransparent,
    ) {}

    public static function masstone(Lab $colour): self
    {
        return new self($colour, false);
    }

    public static function coatOverWhite(Lab $colour): self
    {
        return new self($colour, true);
    }
}
