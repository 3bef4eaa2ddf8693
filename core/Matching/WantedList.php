<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\IllegalColour;
use Kalokroma\Colour\Srgb;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/**
 * Reads a pasted list of wanted paints, one a line: names, codes or colours, in any spelling.
 * A colour behind a name tells what a paint looks like that the catalogue does not know.
 */
final class WantedList
{
    public const MOST_LINES = 120;

    public const LONGEST_LINE = 200;

    /** Dashes, dots, numbers and amounts that people put before an entry. */
    private const LEAD = '/^\s*(?:[-*•–]\s*|\d+[.)]\s+|\d+\s*[x×]\s+)*/u';

    private const COLOUR = '/#[0-9a-f]{6}\b/i';

    /** Words in an unknown paint's name that tell its kind. */
    private const KIND_WORDS = [
        'wash' => Kind::Wash,
        'shade' => Kind::Wash,
        'ink' => Kind::Ink,
        'glaze' => Kind::Ink,
        'metallic' => Kind::Metallic,
        'primer' => Kind::Primer,
    ];

    /**
     * @param int $most lines with anything in them
     *
     * @return list<WantedPaint> one for each line that holds anything
     *
     * @throws IllegalList when it is empty, or longer than anyone shops for
     */
    public static function read(string $text, PaintNames $names, int $most = self::MOST_LINES): array
    {
        $lines = preg_split('/\R/u', $text);
        if ($lines === false) {
            throw IllegalList::notText();
        }
        // Counted and measured before any of it is looked up, which takes its time.
        $entries = [];
        foreach ($lines as $index => $line) {
            $entry = trim(preg_replace(self::LEAD, '', $line) ?? '');
            if ($entry === '') {
                continue;
            }
            if (mb_strlen($entry) > self::LONGEST_LINE) {
                throw IllegalList::longLine($index + 1, self::LONGEST_LINE);
            }
            $entries[$index + 1] = $entry;
        }
        if (count($entries) > $most) {
            throw IllegalList::long($most);
        }

        return $entries === []
            ? throw IllegalList::blank()
            : array_map(static fn(int $line, string $entry): WantedPaint => self::entry($line, $entry, $names), array_keys($entries), $entries);
    }

    private static function entry(int $line, string $entry, PaintNames $names): WantedPaint
    {
        if (preg_match(self::COLOUR, $entry, $found) === 1) {
            return self::coloured($line, $entry, $found[0], $names);
        }
        $likely = $names->find($entry);
        if ($likely === []) {
            return new WantedPaint($line, $entry, null, false, 0.0, []);
        }
        [$paint, $certainty] = $likely[0];

        return new WantedPaint($line, $entry, $paint, true, $certainty, array_column(array_slice($likely, 1), 0));
    }

    private static function coloured(int $line, string $entry, string $hex, PaintNames $names): WantedPaint
    {
        $name = trim(preg_replace([self::COLOUR, '/[\s,;:=|–-]+$/u', '/^[\s,;:=|–-]+/u'], '', $entry) ?? '');
        $known = $names->exactly($name);
        if ($name !== '' && $known !== []) {
            return new WantedPaint($line, $entry, $known[0], true, 1.0, array_slice($known, 1));
        }
        try {
            $colour = Srgb::parse($hex)->toLab();
        } catch (IllegalColour) {
            return new WantedPaint($line, $entry, null, false, 0.0, []);
        }
        $name = $name === '' ? ucfirst(ColourName::of($colour)->words()) : $name;

        return new WantedPaint($line, $entry, Paint::of("line-$line", $name, self::kind($name), $colour), false, 1.0, []);
    }

    private static function kind(string $name): Kind
    {
        return array_find(self::KIND_WORDS, static fn(Kind $kind, string $word): bool => preg_match("/\\b$word\\b/i", $name) === 1) ?? Kind::Opaque;
    }
}
