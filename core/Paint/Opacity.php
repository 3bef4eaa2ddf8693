<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Lab;

/**
 * How well one standard coat hides: luminance over black divided by luminance over white, 0…1.
 */
final readonly class Opacity
{
    private function __construct(
        public float $share,
        public bool $isEstimate,
    ) {}

    /** @throws IllegalPaint when outside 0…1 */
    public static function of(float $share): self
    {
        if (! ($share >= 0.0 && $share <= 1.0)) {
            throw IllegalPaint::opacity($share);
        }

        return new self($share, false);
    }

    /** What paints of this kind and colour usually manage, until somebody measures. */
    public static function estimate(Kind $kind, ?Lab $swatch): self
    {
        $share = match ($kind) {
            Kind::Opaque => $swatch === null ? 0.8 : self::ofColourFamily($swatch),
            Kind::SemiOpaque => $swatch === null ? 0.55 : self::ofColourFamily($swatch) * 0.7,
            Kind::OneCoat => 0.12,
            Kind::Wash => 0.06,
            Kind::Ink => 0.15,
            Kind::Metallic, Kind::Texture => 0.96,
            Kind::Primer => 0.93,
            Kind::Effect, Kind::Enamel => 0.6,
            Kind::Pigment => 0.7,
            Kind::Varnish, Kind::Medium, Kind::Chipping, Kind::Decal => 0.0,
        };

        return new self($share, true);
    }

    /** Craft: strong earths and darks 0.9 and more, reds 0.8, yellow 0.45–0.55, white 0.6–0.7. */
    private static function ofColourFamily(Lab $swatch): float
    {
        $polar = $swatch->toLch();
        $hue = $polar->hue;

        return match (true) {
            $polar->lightness > 86 && $polar->chroma < 22 => 0.65,
            $polar->lightness < 36 => 0.93,
            $hue > 40 && $hue < 95 && $polar->chroma < 42 => 0.9,
            $hue > 75 && $hue < 115 && $polar->lightness > 60 => 0.5,
            $hue > 48 && $hue <= 75 => 0.65,
            $polar->lightness > 74 => 0.68,
            $hue <= 48 || $hue > 325 => 0.8,
            default => 0.82,
        };
    }
}
