<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * CIE 1931 XYZ for the 2° observer, relative to a perfect white under D65 (its Y is 1).
 */
final readonly class Xyz
{
    /** D65 from its chromaticity x = 0.3127, y = 0.3290 (IEC 61966-2-1). */
    public const WHITE_X = 0.3127 / 0.3290;

    public const WHITE_Z = (1 - 0.3127 - 0.3290) / 0.3290;

    private function __construct(
        public float $x,
        public float $y,
        public float $z,
    ) {}

    public static function of(float $x, float $y, float $z): self
    {
        return new self($x, $y, $z);
    }

    /** The matrix follows from the sRGB primaries and D65 in exact fractions (CSS Color 4, section 18). */
    public static function fromLinearRgb(float $red, float $green, float $blue): self
    {
        return new self(
            506752 / 1228815 * $red + 87881 / 245763 * $green + 12673 / 70218 * $blue,
            87098 / 409605 * $red + 175762 / 245763 * $green + 12673 / 175545 * $blue,
            7918 / 409605 * $red + 87881 / 737289 * $green + 1001167 / 1053270 * $blue,
        );
    }

    /**
     * Outside 0…1 where no screen can follow.
     *
     * @return array{float, float, float} linear red, green, blue
     */
    public function toLinearRgb(): array
    {
        return [
            12831 / 3959 * $this->x - 329 / 214 * $this->y - 1974 / 3959 * $this->z,
            -851781 / 878810 * $this->x + 1648619 / 878810 * $this->y + 36519 / 878810 * $this->z,
            705 / 12673 * $this->x - 2585 / 12673 * $this->y + 705 / 667 * $this->z,
        ];
    }

    public function toLab(): Lab
    {
        $x = Lab::compress($this->x / self::WHITE_X);
        $y = Lab::compress($this->y);
        $z = Lab::compress($this->z / self::WHITE_Z);

        return Lab::of(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    public function toOklab(): Oklab
    {
        return Oklab::fromXyz($this);
    }
}
