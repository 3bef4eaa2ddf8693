<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Lab;
use Kalokroma\Paint\Paint;

/**
 * The colour a mix should have, and of what film: the masstone of one that covers, one coat over white of one that is see-through.
 */
final readonly class MixTarget
{
    private function __construct(
        public Lab $colour,
        public Film $film,
    ) {}

    public static function of(Lab $colour, Film $film): self
    {
        return new self($colour, $film);
    }

    public static function masstone(Lab $colour): self
    {
        return new self($colour, Film::Covering);
    }

    /** @throws \Kalokroma\Paint\IllegalPaint when the paint is clear */
    public static function like(Paint $paint): self
    {
        return new self($paint->colour(), Film::ofKind($paint->kind));
    }
}
