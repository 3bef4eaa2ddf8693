<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Paint\Optics;

/** A film ready to be laid on a surface. */
final readonly class Layer
{
    private const LEFT_WHEN_WET = 0.5;

    /**
     * @param float $thickness in standard coats
     * @param float $white reflectance the dry film's skin adds by its finish
     * @param bool $tints one sees what lies below, with the finish it was known by
     * @param bool $isMetal it has flakes that throw light back to one side
     * @param bool $isSolvent it is carried by spirit
     * @param bool $isPowder dry pigment, which any wetting darkens
     */
    public function __construct(
        public Optics $film,
        public float $thickness,
        public float $white,
        public bool $tints = false,
        public bool $isMetal = false,
        public bool $isSolvent = false,
        public bool $isPowder = false,
    ) {}

    /** Spirit takes it off again, as long as nothing seals it. */
    public function comesOff(): bool
    {
        return $this->isSolvent || $this->isPowder;
    }

    /** Powder when something wet has run into it: half of its cover is gone, and its grains scatter less. */
    public function wetted(): self
    {
        return new self($this->film->wetted(), $this->thickness * self::LEFT_WHEN_WET, $this->white, $this->tints);
    }
}
