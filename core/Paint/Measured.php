<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;

/**
 * What was measured of a paint, and how. It goes before what was typed, and that before what is estimated.
 */
final readonly class Measured
{
    private function __construct(
        public ?Lab $colour = null,
        public ?Reading $colourBy = null,
        public ?Drawdown $film = null,
        public ?Reading $filmBy = null,
        public ?Opacity $strength = null,
        public ?Reading $strengthBy = null,
    ) {}

    public static function nothing(): self
    {
        return new self;
    }

    /** A new colour of a paint makes what was known of its film untrue. */
    public function withColour(Lab $colour, Reading $by): self
    {
        return new self($colour, $by, null, null, $this->film === null ? $this->strength : null, $this->film === null ? $this->strengthBy : null);
    }

    /**
     * A draw-down tells everything: colour, strength, and what every band does. Colour and strength that are known from it already are not
     * worked out again.
     */
    public function withFilm(Drawdown $film, Reading $by, Kind $kind): self
    {
        if ($this->colour !== null && $this->strength !== null && $this->colourBy === $by && $this->strengthBy === $by) {
            return new self($this->colour, $by, $film, $by, $this->strength, $by);
        }
        $optics = $film->optics();
        $seen = $kind->isTransparent() ? $optics->over(Reflectance::flat(1.0), 1.0) : $optics->masstone();

        return new self($seen->toLab(), $by, $film, $by, $film->opacity(), $by);
    }

    /** A film that was measured is not corrected by a mix. */
    public function withStrength(Opacity $strength, Reading $by): self
    {
        return $this->film !== null ? $this : new self($this->colour, $this->colourBy, null, null, $strength, $by);
    }

    /** @return list<string> photos it was read in */
    public function photos(): array
    {
        return array_values(array_unique(array_filter([$this->colourBy->photo ?? '', $this->filmBy->photo ?? ''])));
    }
}
