<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Skin;

/**
 * What lies on one zone: all films so far as one reflectance, and the skin on top of them.
 *
 * A film's reflectance is that of its swatch, which was seen with the paint's own finish. When another finish comes to lie on it, the skin tells
 * the difference: gloss deepens, matt lifts the darks.
 */
final readonly class Coating
{
    /**
     * @param float $ownWhite reflectance that the finishes of the colours seen add by themselves
     * @param float $topWhite that of what lies uppermost
     */
    private function __construct(
        public Reflectance $films,
        private float $ownWhite,
        private float $topWhite,
    ) {}

    public static function bare(Reflectance $material, float $white): self
    {
        return new self($material, $white, $white);
    }

    /**
     * @param float $thickness in standard coats; a film of less than one makes a skin only in part
     * @param bool $tints one sees what lies below, with the finish it was known by
     */
    public function under(Optics $film, float $thickness, float $white, bool $tints): self
    {
        $closed = min(1.0, $thickness);

        return new self(
            $tints ? Skin::tinted($film, $thickness, $this->films, $this->ownWhite) : $film->over($this->films, $thickness),
            $tints ? $this->ownWhite : $this->ownWhite + $closed * ($white - $this->ownWhite),
            $this->topWhite + $closed * ($white - $this->topWhite),
        );
    }

    public function colour(): Lab
    {
        return Skin::under($this->films, $this->topWhite - $this->ownWhite)->toLab();
    }
}
