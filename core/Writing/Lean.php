<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Material;

/**
 * Which way a colour goes when it is lit and when it is shaded: a highlight is not the colour with white in it, nor a shade the colour with black.
 * Angles turn CIELAB hue toward the hue named, and never past it.
 */
enum Lean
{
    case Red;
    case Orange;
    case Yellow;
    case Green;
    case Teal;
    case Blue;
    case Purple;
    case Pink;
    case Brown;
    case Flesh;
    case Bone;
    case Black;
    case White;
    case Grey;

    private const WHITE_FROM = 84.0;

    private const BLACK_TO = 26.0;

    /** From so light on a yellow is one, though its hue is nearly that of a pale green; and it has at least so much chroma. */
    private const PALE_YELLOW_FROM = 82.0;

    private const PALE_YELLOW = [88.0, 108.0, 24.0];

    /** Chroma up to which a very light or dark colour counts as white or black. */
    private const NEARLY_NEUTRAL = 12.0;

    public static function of(Lab $colour, Material $material = Material::Other): self
    {
        $chroma = hypot($colour->a, $colour->b);
        if ($chroma <= self::NEARLY_NEUTRAL && $colour->lightness >= self::WHITE_FROM) {
            return $material === Material::Bone ? self::Bone : self::White;
        }
        if ($chroma <= self::NEARLY_NEUTRAL && $colour->lightness <= self::BLACK_TO) {
            return self::Black;
        }
        if (
            $material !== Material::Bone
            && $colour->lightness >= self::PALE_YELLOW_FROM
            && $chroma > self::NEARLY_NEUTRAL
            && self::isYellow($colour)
        ) {
            return $material === Material::Skin ? self::Flesh : self::Yellow;
        }
        $word = ColourName::of($colour)->hueWord();

        return match (true) {
            $material === Material::Skin && in_array($word, ['tan', 'orange', 'ivory', 'pink', 'brown', 'ochre', 'red'], true) => self::Flesh,
            in_array($word, ['black', 'grey', 'white'], true) => self::Grey,
            in_array($word, ['ivory', 'tan', 'drab'], true) => $material === Material::Bone || $word === 'ivory' ? self::Bone : self::Brown,
            in_array($word, ['brown', 'ochre'], true) => self::Brown,
            $word === 'red' || $word === 'rose' => self::Red,
            $word === 'pink' => self::Pink,
            in_array($word, ['violet', 'magenta'], true) => self::Purple,
            in_array($word, ['green', 'yellow-green', 'olive'], true) => self::Green,
            $word === 'teal' => self::Teal,
            $word === 'blue' => self::Blue,
            $word === 'orange' => self::Orange,
            default => self::Yellow,
        };
    }

    private static function isYellow(Lab $colour): bool
    {
        $polar = $colour->toLch();
        [$from, $to, $chroma] = self::PALE_YELLOW;

        return $polar->hue >= $from && $polar->hue <= $to && $polar->chroma >= $chroma;
    }

    /**
     * @return array{float, float, float, string} hue it goes toward in degrees, by how many of them, what its chroma is multiplied by, and
     *     the reason
     */
    public function lit(): array
    {
        return match ($this) {
            self::Red => [62.0, 24.0, 0.95, 'red goes lighter through orange: white makes pink'],
            self::Orange => [86.0, 16.0, 0.95, 'orange goes toward yellow'],
            self::Yellow => [96.0, 4.0, 0.62, 'yellow goes toward ivory'],
            self::Green => [104.0, 26.0, 1.0, 'green goes toward yellow'],
            self::Teal => [160.0, 22.0, 0.9, 'teal goes toward green'],
            self::Blue => [230.0, 14.0, 0.78, 'blue goes toward a clear pale blue'],
            self::Purple => [345.0, 22.0, 0.8, 'purple goes toward pink'],
            self::Pink => [30.0, 10.0, 0.62, 'pink goes toward a pale flesh'],
            self::Brown => [72.0, 12.0, 1.05, 'brown goes toward tan'],
            self::Flesh => [70.0, 10.0, 0.8, 'flesh goes toward a pale, warm tone'],
            self::Bone => [92.0, 6.0, 0.55, 'bone goes toward ivory'],
            self::Black, self::White, self::Grey => [0.0, 0.0, 1.0, 'grey steps that keep their temperature'],
        };
    }

    /** @return array{float, float, float, string} the same for the shade */
    public function shaded(): array
    {
        return match ($this) {
            self::Red => [350.0, 14.0, 0.72, 'a shade of red leans toward purple'],
            self::Orange => [30.0, 22.0, 0.75, 'a shade of orange is a red brown'],
            self::Yellow => [50.0, 26.0, 0.72, 'yellow is shaded with a warm brown: black turns it green'],
            self::Green => [200.0, 24.0, 0.75, 'a shade of green leans toward blue'],
            self::Teal => [260.0, 20.0, 0.85, 'a shade of teal leans toward blue'],
            self::Blue => [300.0, 12.0, 0.85, 'a shade of blue leans toward violet'],
            self::Purple => [280.0, 18.0, 0.85, 'a shade of purple leans toward blue'],
            self::Pink => [350.0, 12.0, 1.2, 'a shade of pink is a dull rose'],
            self::Brown => [40.0, 14.0, 0.75, 'a shade of brown leans toward red'],
            self::Flesh => [38.0, 16.0, 1.1, 'flesh is shaded with a reddish brown'],
            self::Bone => [68.0, 12.0, 1.5, 'bone is shaded with brown'],
            self::Black, self::White, self::Grey => [0.0, 0.0, 1.0, 'grey steps that keep their temperature'],
        };
    }
}
