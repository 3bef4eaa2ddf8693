<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * What a painter would call a colour without knowing its label: a value word, a chroma word and a hue word,
 * as in "deep muted teal".
 */
final readonly class ColourName
{
    /** Upper bound of CIELAB chroma for a colour that reads as black, grey or white. */
    private const NEUTRAL_CHROMA = 5.0;

    /** Upper bound of lightness => word. */
    private const VALUES = [16 => 'very dark', 36 => 'deep', 62 => 'mid', 80 => 'light', 101 => 'pale'];

    private const NEUTRALS = [14 => 'black', 36 => 'dark grey', 62 => 'mid grey', 86 => 'light grey', 101 => 'white'];

    /** Upper bound of chroma => word. */
    private const CHROMAS = [13 => 'greyish', 32 => 'muted', 58 => '', 999 => 'vivid'];

    /** Upper bound of CIELAB hue in degrees => word. The circle closes on rose. */
    private const HUES = [
        18 => 'rose', 46 => 'red', 71 => 'orange', 99 => 'yellow', 122 => 'yellow-green', 168 => 'green',
        228 => 'teal', 298 => 'blue', 324 => 'violet', 347 => 'magenta', 361 => 'rose',
    ];

    private function __construct(public Lab $colour) {}

    public static function of(Lab $colour): self
    {
        return new self($colour);
    }

    public function words(): string
    {
        $polar = $this->colour->toLch();
        if ($polar->chroma < self::NEUTRAL_CHROMA) {
            return self::pick(self::NEUTRALS, $polar->lightness);
        }

        return trim(preg_replace('/ +/', ' ', implode(' ', [
            self::pick(self::VALUES, $polar->lightness),
            self::pick(self::CHROMAS, $polar->chroma),
            $this->hueWord(),
        ])) ?? '');
    }

    /** Hue word alone; earth and flesh tones have names of their own. */
    public function hueWord(): string
    {
        $polar = $this->colour->toLch();
        if ($polar->chroma < self::NEUTRAL_CHROMA) {
            return preg_replace('/^.* /', '', self::pick(self::NEUTRALS, $polar->lightness)) ?? '';
        }
        $hue = self::pick(self::HUES, $polar->hue);

        return match (true) {
            $hue === 'orange' && $polar->lightness < 56 && $polar->chroma < 52 => 'brown',
            $hue === 'red' && $polar->lightness < 40 && $polar->chroma < 26 => 'brown',
            $hue === 'yellow' && $polar->lightness < 36 => 'brown',
            $hue === 'yellow' && $polar->lightness < 60 && $polar->chroma < 62 && $polar->hue >= 93 => 'olive',
            $hue === 'yellow' && $polar->lightness >= 52 && $polar->lightness < 70 && $polar->chroma >= 18 && $polar->chroma < 34 => 'tan',
            $hue === 'yellow' && $polar->lightness < 70 && $polar->chroma < 62 => $polar->chroma < 24 ? 'drab' : 'ochre',
            $hue === 'yellow' && $polar->lightness >= 80 && $polar->chroma < 24 => 'ivory',
            $hue === 'yellow' && $polar->chroma < 40 && $polar->hue < 93 => 'tan',
            $hue === 'yellow' && $polar->chroma < 32 => 'tan',
            $hue === 'orange' && $polar->lightness >= 56 && $polar->chroma < 40 => $polar->lightness >= 80 ? 'ivory' : 'tan',
            $hue === 'yellow-green' && $polar->lightness < 58 => 'olive',
            ($hue === 'rose' || $hue === 'red') && $polar->lightness >= 62 => 'pink',
            default => $hue,
        };
    }

    public function temperature(): Temperature
    {
        return Temperature::of($this->colour);
    }

    /** @param array<int, string> $table upper bound => word, ascending */
    private static function pick(array $table, float $at): string
    {
        return array_find($table, static fn(string $word, int $below): bool => $at < $below) ?? $table[array_key_last($table)] ?? '';
    }
}
