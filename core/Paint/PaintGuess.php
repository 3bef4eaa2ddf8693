<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

use Kalokroma\Colour\Lab;
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

    /** Words of a name => masstone. The last that is found counts: "blue grey" is a grey. */
    private const COLOURS = [
        'black' => '#1c1b1c', 'soot' => '#232122', 'tar' => '#1f1c1b', 'coal' => '#262527', 'night' => '#1d2230',
        'white' => '#eeece6', 'snow' => '#f0f0ee', 'chalk' => '#e9e5da', 'grey' => '#838487', 'gray' => '#838487', 'ash' => '#9b9a96', 'slate' => '#5a6168', 'stone' => '#8f8a80',
        'red' => '#a3231f', 'crimson' => '#7d1420', 'scarlet' => '#c1271d', 'rust' => '#8a4423', 'rose' => '#b9566a', 'pink' => '#d98a9c', 'magenta' => '#9a2a6a',
        'orange' => '#d56a1c', 'yellow' => '#e2b21f', 'ochre' => '#b3842f', 'cream' => '#e8dcb4', 'bone' => '#d6c8a0', 'ivory' => '#e6dcc0', 'sand' => '#c8ac7a',
        'tan' => '#b08a5c', 'brown' => '#6a4326', 'leather' => '#6f4628', 'earth' => '#5b4530', 'umber' => '#4d3b2a', 'sepia' => '#4b3423', 'wood' => '#7a5a3a', 'mud' => '#5a4a38',
        'green' => '#3f6b35', 'olive' => '#5f5f30', 'moss' => '#5d6b36', 'lime' => '#8fb53a', 'teal' => '#1f6a6a', 'turquoise' => '#2a8f8f',
        'blue' => '#26508a', 'navy' => '#1f2c4d', 'sky' => '#7fa6c8', 'azure' => '#3f7fb5', 'purple' => '#5a3570', 'violet' => '#5f4a8a', 'lilac' => '#a48fb8', 'plum' => '#55283f',
        'skin' => '#c99072', 'flesh' => '#c99072', 'gold' => '#b5903f', 'brass' => '#b0924f', 'bronze' => '#8f6a3f', 'copper' => '#a8663f', 'silver' => '#b9babb', 'steel' => '#8b8f93',
        'iron' => '#63666a', 'gunmetal' => '#5a5d61',
    ];

    /** Words that say which of a colour: "sky blue" is a sky, not a blue. */
    private const SORTS = [
        'sky' => 'blue', 'navy' => 'blue', 'azure' => 'blue', 'night' => 'blue', 'moss' => 'green', 'olive' => 'green', 'lime' => 'green', 'crimson' => 'red', 'scarlet' => 'red', 'rust' => 'red',
        'ochre' => 'yellow', 'cream' => 'yellow', 'leather' => 'brown', 'earth' => 'brown', 'umber' => 'brown', 'sepia' => 'brown', 'mud' => 'brown', 'ash' => 'grey', 'slate' => 'grey', 'stone' => 'grey',
        'bone' => 'white', 'ivory' => 'white', 'snow' => 'white', 'chalk' => 'white', 'coal' => 'black', 'soot' => 'black', 'rose' => 'pink', 'lilac' => 'purple', 'plum' => 'purple',
    ];

    /** Words that lift or lower it, in L*. */
    private const SHADES = ['pale' => 18.0, 'light' => 16.0, 'bright' => 8.0, 'mid' => 0.0, 'dark' => -14.0, 'deep' => -12.0];

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
        $kind = $colour = $last = null;
        $shade = 0.0;
        foreach ($words as $word) {
            $kind ??= self::KINDS[$word] ?? null;
            $shade += self::SHADES[$word] ?? 0.0;
            if (isset(self::COLOURS[$word]) && ($last === null || (self::SORTS[$last] ?? '') !== $word)) {
                [$colour, $last] = [self::COLOURS[$word], $word];
            }
        }
        $colour = $colour === null || $shade === 0.0 ? $colour : self::shaded($colour, $shade);
        // A bare metal over a primer is still a primer's name.
        $kind = $otherwise === Kind::Primer && ($kind === null || $kind === Kind::Metallic) ? Kind::Primer : $kind ?? $otherwise;
        if ($kind->isClear()) {
            return new self($kind, null, false);
        }

        return new self($kind, self::coat($colour ?? self::GREY, $kind), $colour !== null);
    }

    private static function shaded(string $hex, float $by): string
    {
        $colour = Srgb::parse($hex)->toLab();

        return Lab::of(max(6.0, min(95.0, $colour->lightness + $by)), $colour->a, $colour->b)->toSrgb()->hex();
    }

    /** The swatch of a transparent is its coat over white, of others the masstone. */
    private static function coat(string $hex, Kind $kind): string
    {
        return $kind->isTransparent() ? NamedTint::overWhite(Srgb::parse($hex)->toLab(), $kind)->toSrgb()->hex() : $hex;
    }
}
