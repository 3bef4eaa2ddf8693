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

    /** A transparent of white pigment is none: it veils, and covers in a few coats. */
    private const WHITE_FILM = 0.35;

    /** From what lightness on, and up to what chroma, one coat over white is white pigment and not little of another. */
    private const WHITE_FROM = 88.0;

    private const WHITE_CHROMA = 12.0;

    /** Words of a name that say so. */
    private const WHITE_WORDS = '/\b(white|pale|ivory|bone|chalk|snow|milk|cream|bleached|parchment)\b/i';

    /** Called so, it may be somewhat darker. */
    private const CALLED_WHITE_FROM = 74.0;

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

    /**
     * What paints of this kind and colour usually manage, until somebody measures.
     *
     * @param string $name what a transparent is called tells whether its pigment is white
     */
    public static function estimate(Kind $kind, ?Lab $swatch, string $name = ''): self
    {
        $usual = $swatch === null ? self::UNKNOWN_COLOUR : UsualOpacity::of($swatch);
        $share = match ($kind) {
            Kind::Opaque => $usual,
            Kind::SemiOpaque => self::SEMI_OPAQUE * $usual,
            Kind::OneCoat => self::ofHaze(self::DYE_HAZE, $swatch),
            Kind::Ink, Kind::Wash => self::isWhite($swatch, $name)
                ? self::WHITE_FILM
                : self::ofHaze($kind === Kind::Ink ? self::DYE_HAZE : self::WASH_HAZE, $swatch),
            Kind::Metallic, Kind::Texture => 0.96,
            Kind::Primer => 0.93,
            Kind::Effect, Kind::Enamel => 0.6,
            Kind::Pigment => 0.7,
            Kind::Varnish, Kind::Medium, Kind::Chipping, Kind::Decal => 0.0,
        };

        return new self($share, true);
    }

    private static function isWhite(?Lab $swatch, string $name): bool
    {
        return $swatch !== null
            && (($swatch->lightness >= self::WHITE_FROM && $swatch->toLch()->chroma <= self::WHITE_CHROMA)
                || ($swatch->lightness >= self::CALLED_WHITE_FROM && preg_match(self::WHITE_WORDS, $name) === 1));
    }

    /** All transparents scatter about the same little haze; against a light film that is a smaller share than against a dark one. */
    private static function ofHaze(float $haze, ?Lab $swatch): float
    {
        return $haze / (self::DARK_FILM + ($swatch?->toXyz()->y ?? self::UNKNOWN_LUMINANCE));
    }
}
