<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Closure;

/** What each vertex of a figure brings to its painting. */
final readonly class Skin
{
    /**
     * @param list<float> $zones 0 (recess) … 4 (edge)
     * @param list<float> $openness 0…1; of a picture how light it is
     * @param list<float> $above share of what comes from above, 0…1
     * @param list<float> $below the same from below
     * @param list<float> $marks how far out from the middle of its area's mark (MarkPlaces), 0…1
     */
    private function __construct(
        public array $zones,
        public array $openness,
        public array $above,
        public array $below,
        public array $marks,
    ) {}

    /**
     * Far out of every mark.
     *
     * @param list<float> $zones
     * @param list<float> $openness
     * @param list<float>|null $above null: all of it, everywhere
     * @param list<float>|null $below null: all of it, everywhere
     */
    public static function of(array $zones, array $openness, ?array $above = null, ?array $below = null): self
    {
        $even = array_fill(0, count($zones), 1.0);

        return new self($zones, $openness, $above ?? $even, $below ?? $even, $even);
    }

    /** @param list<float> $marks */
    public function withMarks(array $marks): self
    {
        return new self($this->zones, $this->openness, $this->above, $this->below, $marks);
    }

    /**
     * Where marks lie takes long to work out, and mostly there are none.
     *
     * @param array<PaintedLook> $looks
     * @param Closure(): list<float> $marks
     */
    public function markedFor(array $looks, Closure $marks): self
    {
        return array_all($looks, static fn(PaintedLook $one): bool => $one->marks === []) ? $this : $this->withMarks($marks());
    }
}
