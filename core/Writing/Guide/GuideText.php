<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

/** A guide's text as lines: markup read or dropped, tables said as sentences, what stands before a line and means nothing taken off. */
final class GuideText
{
    /** What is in these is no text. */
    private const HIDDEN = '~<(script|style)\b[^>]*>.*?(?:</\1\s*>|$)~isu';

    private const BREAKS = '~<\s*(?:br|/?p|/?div|/?li|/?tr|/?ul|/?ol|/?table|/h[1-6])\b[^>]*>~iu';

    private const HEADINGS = '~<\s*h[1-6]\b[^>]*>~iu';

    private const CELLS = '~<\s*/(?:td|th)\s*>~iu';

    /** Words of a line that heads those set in below it. */
    private const LONGEST_HEAD = 6;

    /** Bullets, numbers, ticks and the time of a film. */
    private const LEADS = '/^(?:[\s\p{So}\p{Sk}\x{FE0F}\x{200D}•·▪◦‣>»*–-]+|\[[ xX✓]?\]\s*|\(?\[?\d{1,2}:\d{2}(?::\d{2})?\]?\)?\s*(?:[-–:|]\s*)?|\d{1,2}[.)]\s+|\d{1,2}\s+(?=\p{L}[\p{L} &]{2,30}:)|[a-z][.)]\s+|(?:q|a|question|answer)\s*:\s*|(?:step|stage|phase|part|day|session|evening)\s+\d+\s*[:.)–-]?\s*|\(\s*(?:about |ca\.? |~)?\d+\s*(?:min|mins|minutes?|h|hrs?|hours?)\.?\s*\)\s*)+/iu';

    /** Arrows, pictures that part sentences, and tags at the end. */
    private const SIGNS = [
        '/\s*[\x{2192}\x{27A1}\x{21D2}\x{2794}\x{279C}\x{25B6}]\x{FE0F}?\s*/u',
        '/(?<=[\p{L}\p{N}])\s+\p{So}[\x{FE0F}\x{200D}\p{So}\p{Sk}]*\s*(?=\p{L})/u',
        '/(?:\s+#[\p{L}\p{N}_]+)+\s*$/u',
    ];

    /** A cell that heads a column of what is painted. */
    private const AREAS = '/^(?:area|part|where|what|piece|section|element|model part|)$/iu';

    /** A cell that heads one of paints, or of how they go on. */
    private const COLUMNS = '/^(?:paints?|colou?rs?|paints? used|pot|technique|how|method|step|stage|way)$/iu';

    /** @return list<array{int, string}> number of the line in the text, from 1, and what it says; empty lines stay */
    public static function lines(string $text): array
    {
        $text = (string) preg_replace_callback(
            self::HIDDEN,
            static fn(array $found): string => str_repeat("\n", preg_match_all('/\R/u', $found[0]) ?: 0),
            mb_scrub($text),
        );
        $lines = [];
        foreach (self::indented(preg_split('/\R/u', $text) ?: []) as $at => $line) {
            $line = (string) preg_replace([self::HEADINGS, self::CELLS, self::BREAKS], ['# ', ' | ', "\n"], $line);
            foreach (explode("\n", $line) as $i => $piece) {
                $piece = trim(html_entity_decode(strip_tags($piece), ENT_QUOTES | ENT_HTML5));
                $piece = (string) preg_replace(self::SIGNS, [' > ', '. ', ''], $piece);
                // A line in bold is a heading.
                $piece = (string) preg_replace('/^(?:\*\*|__)([^*_]+)(?:\*\*|__):?$/u', '# $1', $piece);
                if ($piece !== '' || $i === 0) {
                    $lines[] = [$at + 1, $piece];
                }
            }
        }

        return self::said(self::withoutSpeakers($lines));
    }

    /** Without what stands before it and means nothing. */
    public static function bare(string $line): string
    {
        // What is said while thinking says nothing.
        $line = (string) preg_replace('/\b(?:u+m+|u+h+|er+m?|hm+)\b,?\s*|(?<=\s)(?:you know|kind of|sort of|basically|i mean),?\s+/iu', '', $line);

        // What one asks how to paint, and what is shouted, heads what follows.
        return trim(
            (string) preg_replace(
                [
                    self::LEADS,
                    '/^how (?:to|i|we)(?: would)? (?:paint|do|did|painted)\s+(?:the |my |his |her )?([\p{L} -]{2,30}?)\s*(?:\([^()]*\))?\s*:/iu',
                    '/^(?|(\p{Lu}[\p{Lu} ]{1,24})!+|([\p{L} ]{2,25})!!+)\s+(?=\S)/u',
                ],
                ['', '$1:', '$1: '],
                $line,
            ),
        );
    }

    /**
     * A name with lines set in below it heads them.
     *
     * @param list<string> $lines
     *
     * @return list<string>
     */
    private static function indented(array $lines): array
    {
        $indent = static fn(string $line): int => strlen(str_replace("\t", '    ', $line)) - strlen(ltrim(str_replace("\t", '    ', $line)));
        foreach ($lines as $at => $line) {
            $next = $lines[$at + 1] ?? '';
            if (
                trim($next) !== ''
                && $indent($next) > $indent($line)
                && preg_match('/^\s*\p{L}[\p{L}\'’ &-]{1,40}$/u', $line) === 1
                && count(explode(' ', trim($line))) <= self::LONGEST_HEAD
            ) {
                $lines[$at] = '# '.trim($line);
            }
        }

        return $lines;
    }

    /**
     * Who asks and who answers stands before what they say, time and again: it names no area.
     *
     * @param list<array{int, string}> $lines
     *
     * @return list<array{int, string}>
     */
    private static function withoutSpeakers(array $lines): array
    {
        $said = [];
        $asks = false;
        foreach ($lines as [, $line]) {
            if (preg_match('/^(\p{L}[\p{L}.]{0,20})\s*:\s+\S/u', self::bare($line), $found) === 1) {
                $said[mb_strtolower($found[1])] = ($said[mb_strtolower($found[1])] ?? 0) + 1;
                $asks = $asks || str_ends_with(trim($line), '?');
            }
        }
        $speakers = array_keys(array_filter(
            $said,
            static fn(int $times, string|int $name): bool => $times > 1 && ! Words::isThing((string) $name)
                && Words::technique((string) $name)[0] === null,
            ARRAY_FILTER_USE_BOTH,
        ));
        if (! $asks || count($speakers) < 2) {
            return $lines;
        }
        $names = implode('|', array_map(static fn(string|int $one): string => preg_quote((string) $one, '/'), $speakers));

        return array_map(static fn(array $one): array => [$one[0], (string) preg_replace("/^\\s*(?:$names)\\s*:\\s*/iu", '', $one[1])], $lines);
    }

    /**
     * Tables said line by line: "Coat: basecoat Navy, wash Umber Wash".
     *
     * @param list<array{int, string}> $lines
     *
     * @return list<array{int, string}>
     */
    private static function said(array $lines): array
    {
        $said = $head = [];
        $isCommas = false;
        foreach ($lines as [$number, $line]) {
            // A first line of nothing but what columns are called begins a table parted by commas.
            $isCommas = $line !== '' && ($isCommas || ($head === [] && self::isHead(explode(',', $line))));
            $cells = $isCommas ? array_map(trim(...), explode(',', $line)) : self::cells($line);
            if (count($cells) < 2) {
                $head = [];
                $said[] = [$number, $line];
            } elseif (preg_match('/\p{L}/u', $line) !== 1) {
                // The line that is ruled below a table's head.
                continue;
            } elseif ($head === []) {
                $head = self::roles($cells);
                if ($head === []) {
                    // Without a head it tells one paint after the other.
                    $said[] = [
                        $number,
                        count($cells) > 2
                            ? $cells[0].': '.implode(' > ', array_filter(array_slice($cells, 1), static fn(string $one): bool => $one !== ''))
                            : self::row($cells, array_fill(0, count($cells), '')),
                    ];
                }
            } else {
                $said[] = [$number, self::row($cells, $head)];
            }
        }

        return $said;
    }

    /**
     * A line of nothing but what columns are called, one of them what is painted.
     *
     * @param list<string> $cells
     */
    private static function isHead(array $cells): bool
    {
        $roles = array_map(self::role(...), $cells);

        return count($cells) > 1
            && in_array('area', $roles, true)
            && ! in_array(null, $roles, true)
            && ! in_array('', array_map(trim(...), $cells), true);
    }

    /** @return list<string> */
    private static function cells(string $line): array
    {
        $line = trim($line);
        if (! str_contains($line, '|') && ! str_contains($line, "\t")) {
            // Dots or room between a name and what is done: two columns.
            $columns = preg_split('/\s*(?:\.{3,}|…|\s{3,})\s*/u', $line, 2, PREG_SPLIT_NO_EMPTY) ?: [];

            return count($columns) === 2 && preg_match('/^\p{L}[\p{L} ]{1,24}$/u', $columns[0]) === 1 ? $columns : [$line];
        }

        return array_map(trim(...), preg_split('/\s*[|\t]\s*/u', trim($line, "| \t")) ?: []);
    }

    /** @return string|null "area", a technique's word, or "" for what is said as it stands; null when no column is called so */
    private static function role(string $cell): ?string
    {
        // "Highlight 2" is one of them.
        $cell = trim((string) preg_replace('/(?<=\p{L})\s*\d+$/u', '', trim($cell)));
        [$technique, $rest] = Words::technique($cell);

        return match (true) {
            preg_match(self::AREAS, $cell) === 1 => 'area',
            preg_match(self::COLUMNS, $cell) === 1 => '',
            $technique !== null && Words::bare($rest) === '' => $technique === Words::PAINT ? '' : $cell,
            default => null,
        };
    }

    /**
     * @param list<string> $cells
     *
     * @return list<string> roles by column; none when it is no head: of two columns both say what they are, of more half of them
     */
    private static function roles(array $cells): array
    {
        $roles = array_map(self::role(...), $cells);
        if (count(array_filter($roles, is_string(...))) < max(2, count($cells) / 2)) {
            return [];
        }
        $roles[0] ??= 'area';

        return array_map(static fn(?string $role): string => $role ?? '', $roles);
    }

    /**
     * @param list<string> $cells
     * @param list<string> $head
     */
    private static function row(array $cells, array $head): string
    {
        $area = '';
        $steps = [];
        $before = null;
        foreach ($cells as $at => $cell) {
            $role = $head[$at] ?? '';
            if ($cell === '' || preg_match('/^[-–—]+$/u', $cell) === 1) {
                continue;
            }
            if ($role === 'area' || ($at === 0 && $role === '' && Words::technique($cell)[0] === null)) {
                $area = $cell;
            } elseif ($role !== '') {
                $steps[] = ($steps === [] ? '' : ', ')."$role $cell";
            } else {
                // A paint beside a paint comes after it; beside how it goes on it is one step.
                $isNext = $before !== null && Words::technique("$before $cell")[0] === null;
                $steps[] = $isNext ? "> $cell" : $cell;
            }
            $before = $role === '' ? $cell : null;
        }

        return ($area === '' ? '' : "$area: ").implode(' ', $steps);
    }
}
