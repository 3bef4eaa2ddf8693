<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\ColourWords;
use Kalokroma\Colour\Srgb;

/**
 * What a paint most likely is, told from its name alone: a start for who adds one on the spot, to be put right with a glance at the pot.
 */
final readonly class PaintGuess
{
    /** Words of a name => kind; the first that is found counts. */
    private const KINDS = [
        'primer' => Kind::Primer, 'undercoat' => Kind::Primer, 'surfacer' => Kind::Primer,
        'wash' => Kind::Wash, 'shade' => Kind::Wash, 'ink' => Kind::Ink, 'glaze' => Kind::Ink,
        'varnish' => Kind::Varnish, 'medium' => Kind::Medium, 'thinner' => Kind::Medium, 'pigment' => Kind::Pigment, 'dust' => Kind::Pigment,
        'paste' => Kind::Texture, 'enamel' => Kind::Enamel, 'oil' => Kind::Enamel,
        'metallic' => Kind::Metallic, 'metal' => Kind::Metallic, 'gold' => Kind::Metallic, 'silver' => Kind::Metallic, 'brass' => Kind::Metallic,
        'bronze' => Kind::Metallic, 'copper' => Kind::Metallic, 'steel' => Kind::Metallic, 'iron' => Kind::Metallic, 'gunmetal' => Kind::Metallic,
    ];

    private const GREY = '#808080';

    private function __construct(
        public Kind $kind,
        /** Hex; null for kinds without colour. */
        public ?string $swatch,
        /** The name says what colour it is. */
        public bool $knowsColour,
    ) {}

    /** @param Kind $otherwise what it is when its name does not tell */
    public static function of(string $name, Kind $otherwise = Kind::Opaque): self
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower(mb_scrub($name)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $kind = null;
        foreach ($words as $word) {
            $kind ??= self::KINDS[$word] ?? null;
        }
        $colour = ColourWords::of($name)?->toSrgb()->hex();
        // A bare metal over a primer is still a primer's name.
        $kind = $otherwise === Kind::Primer && ($kind === null || $kind === Kind::Metallic) ? Kind::Primer : $kind ?? $otherwise;
        if ($kind->isClear()) {
            return new self($kind, null, false);
        }

        return new self($kind, self::coat($colour ?? self::GREY, $kind), $colour !== null);
    }

    /** The swatch of a transparent is its coat over white, of others the masstone. */
    private static function coat(string $hex, Kind $kind): string
    {
        return $kind->isTransparent() ? NamedTint::overWhite(Srgb::parse($hex)->toLab(), $kind)->toSrgb()->hex() : $hex;
    }
}
