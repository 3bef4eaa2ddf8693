<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Optics;

/**
 * One stage as it meets the surface: which film, by which technique, where, how often.
 */
final readonly class Application
{
    /**
     * @param string $id whatever tells this stage from the others
     * @param float $strength share of paint in what the brush carries, 0…1
     * @param bool $tints transparent paint, which never hides
     */
    public function __construct(
        public string $id,
        public Technique $technique,
        public Place $place,
        public Optics $film,
        public float $strength,
        public int $coats,
        public bool $tints = false,
        public ?SprayCone $cone = null,
    ) {}

    /** Thickness of one coat in a zone, in standard coats. */
    public function coatThickness(Zone $zone, Texture $texture): float
    {
        return $this->strength
            * $this->technique->deposit($zone, $texture)
            * $this->place->reach($zone)
            * ($this->cone?->reach($zone) ?? 1.0);
    }

    /** It can be asked how many coats it needs to cover. */
    public function isMeantToCover(): bool
    {
        return $this->technique->isMeantToCover() && ! $this->tints;
    }
}
