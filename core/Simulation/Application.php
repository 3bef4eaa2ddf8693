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
    /** One part in fifteen of water is no paint any more. */
    private const NO_PAINT = 1 / 16;

    /**
     * @param string $id whatever tells this stage from the others
     * @param float $strength share of paint in what the brush carries, 0…1
     * @param bool $tints transparent paint, which never hides
     * @param float $skinWhite reflectance the dry film's skin adds by its finish
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
        public float $skinWhite = 0.01,
    ) {}

    /** So little paint in the thinner that no number of coats makes a film of it. */
    public function isTooThinToCover(): bool
    {
        return $this->strength <= self::NO_PAINT;
    }

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
