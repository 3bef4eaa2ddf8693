<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/** Colours as painters say them: "warm red", "dark teal", "bone", also in the middle of a name. */
final class ColourWords
{
    /** Words => colour of the paint one thinks of. The last that is found counts: "blue grey" is a grey. */
    private const COLOURS = [
        'black' => '#1c1b1c', 'soot' => '#232122', 'tar' => '#1f1c1b', 'coal' => '#262527', 'night' => '#1d2230',
        'white' => '#eeece6', 'snow' => '#f0f0ee', 'chalk' => '#e9e5da', 'grey' => '#838487', 'gray' => '#838487', 'ash' => '#9b9a96',
        'slate' => '#5a6168', 'stone' => '#8f8a80',
        'red' => '#a3231f', 'crimson' => '#7d1420', 'scarlet' => '#c1271d', 'rust' => '#8a4423', 'rose' => '#b9566a', 'pink' => '#d98a9c',
        'magenta' => '#9a2a6a',
        'orange' => '#d56a1c', 'yellow' => '#e2b21f', 'ochre' => '#b3842f', 'cream' => '#e8dcb4', 'bone' => '#d6c8a0', 'ivory' => '#e6dcc0',
        'sand' => '#c8ac7a',
        'tan' => '#b08a5c', 'brown' => '#6a4326', 'leather' => '#6f4628', 'earth' => '#5b4530', 'umber' => '#4d3b2a', 'sepia' => '#4b3423',
        'wood' => '#7a5a3a', 'mud' => '#5a4a38',
        'green' => '#3f6b35', 'olive' => '#5f5f30', 'moss' => '#5d6b36', 'lime' => '#8fb53a', 'teal' => '#1f6a6a', 'turquoise' => '#2a8f8f',
        'blue' => '#26508a', 'navy' => '#1f2c4d', 'sky' => '#7fa6c8', 'azure' => '#3f7fb5', 'purple' => '#5a3570', 'violet' => '#5f4a8a',
        'lilac' => '#a48fb8', 'plum' => '#55283f',
        'skin' => '#c99072', 'flesh' => '#c99072', 'gold' => '#b5903f', 'brass' => '#b0924f', 'bronze' => '#8f6a3f', 'copper' => '#a8663f',
        'silver' => '#b9babb', 'steel' => '#8b8f93',
        'iron' => '#63666a', 'gunmetal' => '#5a5d61',
    ];

    /** Words that say which of a colour: "sky blue" is a sky, not a blue. */
    private const SORTS = [
        'sky' => 'blue', 'navy' => 'blue', 'azure' => 'blue', 'night' => 'blue', 'moss' => 'green', 'olive' => 'green', 'lime' => 'green',
        'crimson' => 'red', 'scarlet' => 'red', 'rust' => 'red',
        'ochre' => 'yellow', 'cream' => 'yellow', 'leather' => 'brown', 'earth' => 'brown', 'umber' => 'brown', 'sepia' => 'brown',
        'mud' => 'brown', 'ash' => 'grey', 'slate' => 'grey', 'stone' => 'grey',
        'bone' => 'white', 'ivory' => 'white', 'snow' => 'white', 'chalk' => 'white', 'coal' => 'black', 'soot' => 'black',
        'rose' => 'pink', 'lilac' => 'purple', 'plum' => 'purple',
    ];

    /** Words that lift or lower it, in L*. */
    private const SHADES = ['pale' => 18.0, 'light' => 16.0, 'bright' => 8.0, 'mid' => 0.0, 'dark' => -14.0, 'deep' => -12.0];

    /** Words that lean it, in Lab units toward orange. */
    private const LEANS = ['warm' => 9.0, 'cool' => -9.0, 'cold' => -9.0];

    /** Words that multiply its chroma. */
    private const STRENGTHS = ['dull' => 0.6, 'muted' => 0.6, 'dusty' => 0.6, 'drab' => 0.55, 'vivid' => 1.25, 'strong' => 1.2, 'clear' => 1.1];

    /** L* that a colour has at least and at most. */
    private const DARKEST = 6.0;

    private const LIGHTEST = 95.0;

    /** The colour that is named; null when none is. */
    public static function of(string $text): ?Lab
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower(mb_scrub($text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $named = $last = null;
        $lift = $lean = 0.0;
        $strength = 1.0;
        foreach ($words as $word) {
            $lift += self::SHADES[$word] ?? 0.0;
            $lean += self::LEANS[$word] ?? 0.0;
            $strength *= self::STRENGTHS[$word] ?? 1.0;
            if (isset(self::COLOURS[$word]) && ($last === null || (self::SORTS[$last] ?? '') !== $word)) {
                [$named, $last] = [self::COLOURS[$word], $word];
            }
        }
        if ($named === null) {
            return null;
        }
        $colour = Srgb::parse($named)->toLab();
        $lightness = $lift === 0.0 ? $colour->lightness : max(self::DARKEST, min(self::LIGHTEST, $colour->lightness + $lift));

        return Temperature::leant(Lab::of($lightness, $strength * $colour->a, $strength * $colour->b), $lean);
    }
}
