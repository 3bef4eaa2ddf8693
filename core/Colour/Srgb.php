<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * A colour a screen can show: gamma-encoded sRGB, each channel 0…1 (IEC 61966-2-1).
 */
final readonly class Srgb
{
    private function __construct(
        public float $red,
        public float $green,
        public float $blue,
    ) {}

    /** @throws IllegalColour when a channel lies outside 0…1 */
    public static function of(float $red, float $green, float $blue): self
    {
        foreach ([$red, $green, $blue] as $channel) {
            if (! ($channel >= 0.0 && $channel <= 1.0)) {
                throw IllegalColour::channel($channel);
            }
        }

        return new self($red, $green, $blue);
    }

    /**
     * @param string $hex six hexadecimal digits, with or without a leading #
     *
     * @throws IllegalColour when the text is anything else
     */
    public static function parse(string $hex): self
    {
        if (preg_match('/^#?([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/iD', $hex, $digits) !== 1) {
            throw IllegalColour::hex($hex);
        }

        return new self(hexdec($digits[1]) / 255, hexdec($digits[2]) / 255, hexdec($digits[3]) / 255);
    }

    /** The screen colour nearest to a measured one: channels a screen cannot reach are held at its limits. */
    public static function nearestTo(Xyz $xyz): self
    {
        [$red, $green, $blue] = $xyz->toLinearRgb();

        return new self(self::encodeWithin($red), self::encodeWithin($green), self::encodeWithin($blue));
    }

    /** The curve's upper branch is used above linear 0.0031308, a straight line below. */
    public static function encode(float $linear): float
    {
        return $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055;
    }

    public static function decode(float $encoded): float
    {
        return $encoded <= 0.04045 ? $encoded / 12.92 : (($encoded + 0.055) / 1.055) ** 2.4;
    }

    public function toXyz(): Xyz
    {
        return Xyz::fromLinearRgb(self::decode($this->red), self::decode($this->green), self::decode($this->blue));
    }

    public function toLab(): Lab
    {
        return $this->toXyz()->toLab();
    }

    /** Lower case, with a leading #. */
    public function hex(): string
    {
        return sprintf(
            '#%02x%02x%02x',
            (int) round($this->red * 255),
            (int) round($this->green * 255),
            (int) round($this->blue * 255),
        );
    }

    private static function encodeWithin(float $linear): float
    {
        return max(0.0, min(1.0, self::encode($linear)));
    }
}
