<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * Oklab (Björn Ottosson 2020, matrices at the precision of CSS Color 4): lightness 0…1. Its hue stays steady along
 * a ladder from shade to highlight, where CIELAB's drifts in the blues.
 */
final readonly class Oklab
{
    private function __construct(
        public float $lightness,
        public float $a,
        public float $b,
    ) {}

    public static function of(float $lightness, float $a, float $b): self
    {
        return new self($lightness, $a, $b);
    }

    public static function fromXyz(Xyz $xyz): self
    {
        $l = self::cubeRoot(0.8190224379967030 * $xyz->x + 0.3619062600528904 * $xyz->y - 0.1288737815209879 * $xyz->z);
        $m = self::cubeRoot(0.0329836539323885 * $xyz->x + 0.9292868615863434 * $xyz->y + 0.0361446663506424 * $xyz->z);
        $s = self::cubeRoot(0.0481771893596242 * $xyz->x + 0.2642395317527308 * $xyz->y + 0.6335478284694309 * $xyz->z);

        return new self(
            0.2104542683093140 * $l + 0.7936177747023054 * $m - 0.0040720430116193 * $s,
            1.9779985324311684 * $l - 2.4285922420485799 * $m + 0.4505937096174110 * $s,
            0.0259040424655478 * $l + 0.7827717124575296 * $m - 0.8086757549230774 * $s,
        );
    }

    public function toXyz(): Xyz
    {
        $l = ($this->lightness + 0.3963377773761749 * $this->a + 0.2158037573099136 * $this->b) ** 3;
        $m = ($this->lightness - 0.1055613458156586 * $this->a - 0.0638541728258133 * $this->b) ** 3;
        $s = ($this->lightness - 0.0894841775298119 * $this->a - 1.2914855480194092 * $this->b) ** 3;

        return Xyz::of(
            1.2268798758459243 * $l - 0.5578149944602171 * $m + 0.2813910456659647 * $s,
            -0.0405757452148008 * $l + 1.1122868032803170 * $m - 0.0717110580655164 * $s,
            -0.0763729366746601 * $l - 0.4214933324022432 * $m + 1.5869240198367816 * $s,
        );
    }

    private static function cubeRoot(float $number): float
    {
        return $number < 0 ? -((-$number) ** (1 / 3)) : $number ** (1 / 3);
    }
}
