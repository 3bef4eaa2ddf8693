<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\Mix;

/** A tone that is looked for: its colour, the film it makes, and what it may not be darker or lighter than, so that a ladder keeps rising. */
final readonly class Wanted
{
    private function __construct(
        public Lab $colour,
        public Film $film,
        public float $above = -INF,
        public float $below = INF,
        public ?Mix $from = null,
    ) {}

    public static function of(Lab $colour, Film $film = Film::Covering): self
    {
        return new self($colour, $film);
    }

    /** @param float $lightness no darker than so */
    public function above(float $lightness): self
    {
        return new self($this->colour, $this->film, $lightness, $this->below, $this->from);
    }

    /** @param float $lightness no lighter than so */
    public function below(float $lightness): self
    {
        return new self($this->colour, $this->film, $this->above, $lightness, $this->from);
    }

    /** @param Mix|null $mix what is on the palette: more of an off-white in it may do */
    public function walkingOn(?Mix $mix): self
    {
        return new self($this->colour, $this->film, $this->above, $this->below, $mix);
    }

    public function allows(Lab $colour): bool
    {
        return $colour->lightness >= $this->above && $colour->lightness <= $this->below;
    }
}
