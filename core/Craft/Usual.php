<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** How a painter would start with a technique: coats, parts of paint to parts of thinner, brush and place. */
final readonly class Usual
{
    public function __construct(
        public int $coats,
        public int $paint,
        public int $thinner,
        public Thinner $with,
        public Brush $brush,
        public Place $place,
    ) {}

    /** The same in other coats, thinning or minutes, as a painter has set them. */
    public function with(
        ?int $coats = null,
        ?int $paint = null,
        ?int $thinner = null,
        ?Thinner $with = null,
        ?Brush $brush = null,
        ?Place $place = null,
    ): self {
        return new self(
            $coats ?? $this->coats,
            $paint ?? $this->paint,
            $thinner ?? $this->thinner,
            $with ?? $this->with,
            $brush ?? $this->brush,
            $place ?? $this->place,
        );
    }
}
