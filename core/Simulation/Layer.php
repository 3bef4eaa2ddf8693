<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Paint\Optics;

/** A film ready to be laid on a surface. */
final readonly class Layer
{
    /**
     * @param float $thickness in standard coats
     * @param float $white reflectance the dry film's skin adds by its finish
     * @param bool $tints one sees what lies below, with the finish it was known by
     * @param bool $isMetal it has flakes that throw light back to one side
     * @param bool $isSolvent it can be taken off again with spirit
     */
    public function __construct(
        public Optics $film,
        public float $thickness,
        public float $white,
        public bool $tints = false,
        public bool $isMetal = false,
        public bool $isSolvent = false,
    ) {}
}
