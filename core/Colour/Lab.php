<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * CIELAB under D65. Lightness 0 (black) to 100 (perfect white) is the painter's *value*.
 */
final readonly class Lab
{
    /** Below this the cube root gives way to a straight line (CIE 15:2018). */
    private const EPSILON = 216 / 24389;

    private const KAPPA = 24389 / 27;

    /** Beyond this in a* or b* there is no surface colour. */
    private const FARTHEST = 150.0;

    private function __construct(
        public float $lightness,
        public float $a,
        public float $b,
    ) {}

    public static function of(float $lightness, float $a, float $b): self
    {
        return new self($lightness, $a, $b);
    }

    /** @throws IllegalColour when it is not a number, or no surface could have it */
    public static function measured(float $lightness, float $a, float $b): self
    {
        if (! ($lightness >= 0.0 && $lightness <= 100.0 && abs($a) <= self::FARTHEST && abs($b) <= self::FARTHEST)) {
            throw IllegalColour::lab($lightness, $a, $b);
        }

        return new self($lightness, $a, $b);
    }

    /**
     * @param string $text a hex colour, or L* a* b* as "lab(52.1 10 -20)" or "52.1, 10, -20"
     *
     * @throws IllegalColour when the text is neither
     */
    public static function parse(string $text): self
    {
        $number = '([+-]?\d{1,3}(?:\.\d{1,6})?)';
        if (preg_match("/^\s*(?:lab)?\s*\(?\s*$number(?:\s*,\s*|\s+)$number(?:\s*,\s*|\s+)$number\s*\)?\s*$/iD", $text, $found) === 1) {
            return self::measured((float) $found[1], (float) $found[2], (float) $found[3]);
        }

        return Srgb::parse(trim($text))->toLab();
    }

    /**
     * As somebody types it who may know no numbers: "#a3231f", "40 50 30", "warm red".
     *
     * @throws IllegalColour when it is none of these
     */
    public static function spoken(string $text): self
    {
        try {
            return ColourWords::of($text) ?? self::parse($text);
        } catch (IllegalColour) {
            throw IllegalColour::words($text);
        }
    }

    public static function compress(float $ratio): float
    {
        return $ratio > self::EPSILON ? $ratio ** (1 / 3) : (self::KAPPA * $ratio + 16) / 116;
    }

    public function toXyz(): Xyz
    {
        $y = ($this->lightness + 16) / 116;

        return Xyz::of(
            Xyz::WHITE_X * self::expand($y + $this->a / 500),
            self::expand($y),
            Xyz::WHITE_Z * self::expand($y - $this->b / 200),
        );
    }

    /** Two colours seen as one from far enough away: half the light of each. */
    public function midway(self $other): self
    {
        $one = $this->toXyz();
        $two = $other->toXyz();

        return Xyz::of(($one->x + $two->x) / 2, ($one->y + $two->y) / 2, ($one->z + $two->z) / 2)->toLab();
    }

    public function toLch(): Lch
    {
        $hue = rad2deg(atan2($this->b, $this->a));

        return Lch::of($this->lightness, hypot($this->a, $this->b), $hue < 0 ? $hue + 360 : $hue);
    }

    public function toSrgb(): Srgb
    {
        return Srgb::nearestTo($this->toXyz());
    }

    /** Value as painters speak of it: lightness as a whole number 0…100. */
    public function value(): int
    {
        return (int) round(max(0.0, min(100.0, $this->lightness)));
    }

    public static function expand(float $root): float
    {
        $cube = $root ** 3;

        return $cube > self::EPSILON ? $cube : (116 * $root - 16) / self::KAPPA;
    }
}
