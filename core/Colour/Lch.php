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

    /** @return float degrees from this hue to another, the shorter way round: -180…180 */
    public function turnTo(self $other): float
    {
        return fmod($other->hue - $this->hue + 540.0, 360.0) - 180.0;
    }

    public function toLab(): Lab
    {
        $angle = deg2rad($this->hue);

        return Lab::of($this->lightness, $this->chroma * cos($angle), $this->chroma * sin($angle));
    }
}
