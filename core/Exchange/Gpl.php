<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Colour\IllegalColour;
use Kalokroma\Colour\Srgb;

/**
 * A palette as plain text: a heading, the palette's name, then "red green blue name" a line, channels 0 to 255.
 * Our own entries are called "Name [Maker / Code]", so that they find their paint again.
 */
final class Gpl
{
    private const HEADING = 'GIMP Palette';

    private const MOST_ENTRIES = 5_000;

    /** Of name, maker and code with all that may be escaped in them. */
    private const LONGEST_NAME = 1000;

    private const COLUMNS = 8;

    /** @throws Faulty with every fault and its line */
    public static function read(string $text): GplPalette
    {
        $text = str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw Faulty::table('encoding', 'This file is not UTF-8. Save it as UTF-8 and bring it in again.');
        }
        $lines = preg_split('/\r\n|\n|\r/', $text) ?: [];
        if (trim($lines[0] ?? '') !== self::HEADING) {
            throw Faulty::table(
                'heading',
                sprintf('The first line must be "%s". It is: %s', self::HEADING, mb_strimwidth($lines[0] ?? '', 0, 80, '…') ?: '(empty)'),
            );
        }
        $name = '';
        $entries = $faults = [];
        foreach (array_slice($lines, 1, null, true) as $index => $line) {
            if (preg_match('/^Name:\s*(.*)$/', $line, $found) === 1) {
                $name = trim($found[1]);
            } elseif (trim($line) !== '' && preg_match('/^(#|Columns:)/', $line) !== 1) {
                $entry = self::entry($line, $index + 1);
                $entry instanceof Fault ? $faults[] = $entry : $entries[] = $entry;
            }
            if (count($entries) > self::MOST_ENTRIES) {
                throw Faulty::table('file', sprintf('A palette has at most %d entries. Split it.', self::MOST_ENTRIES), $index + 1);
            }
        }
        if ($entries === [] && $faults === []) {
            throw Faulty::table('file', 'There are no colours in this palette.');
        }

        return $faults === [] ? new GplPalette(mb_strimwidth($name, 0, 60), $entries) : throw Faulty::with($faults);
    }

    public static function write(GplPalette $palette): string
    {
        $text = sprintf("%s\nName: %s\nColumns: %d\n#\n", self::HEADING, self::oneLine($palette->name), self::COLUMNS);
        foreach ($palette->entries as $entry) {
            $text .= sprintf(
                "%3d %3d %3d\t%s\n",
                round($entry->colour->red * 255),
                round($entry->colour->green * 255),
                round($entry->colour->blue * 255),
                self::oneLine($entry->name),
            );
        }

        return $text;
    }

    private static function entry(string $line, int $row): GplEntry|Fault
    {
        if (preg_match('/^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/u', $line, $found) !== 1) {
            return new Fault(
                'colour',
                sprintf('"%s" is no colour. Write three numbers from 0 to 255, then the name.', mb_strimwidth(trim($line), 0, 40, '…')),
                $row,
            );
        }
        $name = trim($found[4] ?? '');
        $complaint = PlainText::complaint($name, self::LONGEST_NAME, false);
        if ($complaint !== null) {
            return new Fault('name', $complaint, $row);
        }
        try {
            return new GplEntry(Srgb::of((int) $found[1] / 255, (int) $found[2] / 255, (int) $found[3] / 255), $name);
        } catch (IllegalColour) {
            return new Fault('colour', 'A channel lies between 0 and 255.', $row);
        }
    }

    private static function oneLine(string $text): string
    {
        return trim(preg_replace('/\s+/u', ' ', $text) ?? '');
    }
}
