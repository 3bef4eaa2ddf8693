<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * CIELAB in polar form: lightness 0…100, chroma from 0 (grey) upward, hue in degrees 0…360.
 */
final readonly class Lch
{
    private function __construct(
        public float $lightness,
        public float $chroma,
        public float $hue,
    ) {}

    public static function of(float $lightness, float $chroma, float $hue): self
    {
        return new self($lightness, $chroma, $hue);
    }

    public function toLab(): Lab
    {
        $angle = deg2rad($this->hue);

        return Lab::of($this->lightness, $this->chroma * cos($angle), $this->chroma * sin($angle));
    }
}
