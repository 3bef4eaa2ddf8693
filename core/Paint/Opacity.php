<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Lab;

/**
 * How well one standard coat hides: luminance over black divided by luminance over white, 0…1.
 */
final readonly class Opacity
{
    /** Of an opaque paint whose colour nobody gave. */
    private const UNKNOWN_COLOUR = 0.8;

    private const SEMI_OPAQUE = 0.7;

    /** Luminance that one coat of a one-coat paint or ink adds over black, and of a wash. */
    private const DYE_HAZE = 0.0080;

    private const WASH_HAZE = 0.0074;

    /** Added to a transparent's luminance, so that a black ink is not told to be a covering paint. */
    private const DARK_FILM = 0.11;

    private const UNKNOWN_LUMINANCE = 0.2;

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
        $usual = $swatch === null ? self::UNKNOWN_COLOUR : UsualOpacity::of($swatch);
        $share = match ($kind) {
            Kind::Opaque => $usual,
            Kind::SemiOpaque => self::SEMI_OPAQUE * $usual,
            Kind::OneCoat, Kind::Ink => self::ofHaze(self::DYE_HAZE, $swatch),
            Kind::Wash => self::ofHaze(self::WASH_HAZE, $swatch),
            Kind::Metallic, Kind::Texture => 0.96,
            Kind::Primer => 0.93,
            Kind::Effect, Kind::Enamel => 0.6,
            Kind::Pigment => 0.7,
            Kind::Varnish, Kind::Medium, Kind::Chipping, Kind::Decal => 0.0,
        };

        return new self($share, true);
    }

    /** All transparents scatter about the same little haze; against a light film that is a smaller share than against a dark one. */
    private static function ofHaze(float $haze, ?Lab $swatch): float
    {
        return $haze / (self::DARK_FILM + ($swatch?->toXyz()->y ?? self::UNKNOWN_LUMINANCE));
    }
}
