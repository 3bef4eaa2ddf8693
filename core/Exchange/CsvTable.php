<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

/**
 * A table in RFC 4180 form: UTF-8, one header row, lines ended by CR LF (a lone LF is read too). Text that a spreadsheet would run as a formula
 * (it begins with = + - or @, with their full-width twins, or with a blank before which a spreadsheet looks past) is written with an
 * apostrophe before it, which reading takes off again.
 */
final class CsvTable
{
    public const MOST_ROWS = 20_000;

    /** More than any of our tables has; a line of commas shall not fill the memory. */
    private const MOST_COLUMNS = 64;

    /** Longer lines are cut, and then have too few or too many columns. */
    private const LONGEST_LINE_BYTES = 20_000;

    /** What a spreadsheet takes for a formula, or what is guarded already. */
    private const FORMULA = "/^'*[=+\\-@\\s\u{FF1D}\u{FF0B}\u{FF0D}\u{FF20}]/u";

    private const BYTE_ORDER_MARK = "\xEF\xBB\xBF";

    /**
     * @param list<string> $columns the header the table must have
     *
     * @return array<int, array<string, string>> row number => column => trimmed text
     *
     * @throws Faulty when the text is not UTF-8, the header differs or a row has too few or too many columns
     */
    public static function read(string $text, array $columns): array
    {
        if (str_starts_with($text, self::BYTE_ORDER_MARK)) {
            $text = substr($text, strlen(self::BYTE_ORDER_MARK));
        }
        self::mustBeUtf8($text);
        $lines = self::split($text);
        self::mustHaveHeader($lines[0] ?? [], $columns);
        $rows = $faults = [];
        foreach (array_slice($lines, 1, null, true) as $index => $cells) {
            if ($cells === ['']) {
                continue;
            }
            if (count($cells) !== count($columns)) {
                $faults[] = new Fault(
                    $columns[0],
                    sprintf('This row has %d columns, the header %d. Put text with commas in quotes.', count($cells), count($columns)),
                    $index + 1,
                );

                continue;
            }
            $rows[$index + 1] = array_combine($columns, array_map(static fn(string $cell): string => self::unguarded(trim($cell)), $cells));
        }
        if ($faults !== []) {
            throw Faulty::with($faults);
        }

        return $rows;
    }

    /**
     * @template T
     *
     * @param list<string> $columns the header the table must have
     * @param callable(RowReader): (T|null) $row
     * @param callable(T): string|null $key no two rows may have the same; null: they may
     *
     * @return list<T>
     *
     * @throws Faulty with every fault of every row
     */
    public static function each(string $text, array $columns, callable $row, ?callable $key = null): array
    {
        $rows = $faults = $seen = [];
        foreach (self::read($text, $columns) as $number => $cells) {
            $reader = new RowReader($cells, $number);
            $one = $row($reader);
            if ($one !== null && $key !== null) {
                $first = $seen[$key($one)] ??= $number;
                if ($first !== $number) {
                    $reader->fault('code', sprintf('This maker and code stand in row %d already.', $first));
                }
            }
            array_push($faults, ...$reader->faults);
            if ($one !== null) {
                $rows[] = $one;
            }
        }

        return $faults === [] ? $rows : throw Faulty::with($faults);
    }

    /**
     * @param list<string> $columns
     * @param iterable<list<string|int|float|null>> $rows
     */
    public static function write(array $columns, iterable $rows): string
    {
        return self::line($columns).self::rows($rows);
    }

    /**
     * Further rows of a table whose header is written already.
     *
     * @param iterable<list<string|int|float|null>> $rows
     */
    public static function rows(iterable $rows): string
    {
        $text = '';
        foreach ($rows as $row) {
            $text .= self::line($row);
        }

        return $text;
    }

    /** @param list<string|int|float|null> $cells */
    private static function line(array $cells): string
    {
        return implode(',', array_map(static function (string|int|float|null $cell): string {
            $text = is_string($cell) ? self::guarded($cell) : self::number($cell);

            return preg_match('/[",\r\n]|^\s|\s$/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
        }, $cells))."\r\n";
    }

    /** In plain digits, as many as tell it from every other number: what a reader of tables takes for the same number everywhere. */
    private static function number(int|float|null $number): string
    {
        $shortest = is_float($number) ? json_encode($number, JSON_THROW_ON_ERROR) : (string) $number;

        return str_contains($shortest, 'e') ? rtrim(rtrim(sprintf('%.17F', $number), '0'), '.') : $shortest;
    }

    /** Spreadsheets run what begins like a formula. An apostrophe before it keeps it text; reading takes it off again. */
    private static function guarded(string $text): string
    {
        return preg_match(self::FORMULA, $text) === 1 ? "'".$text : $text;
    }

    private static function unguarded(string $text): string
    {
        return $text !== '' && $text[0] === "'" && preg_match(self::FORMULA, substr($text, 1)) === 1 ? substr($text, 1) : $text;
    }

    private static function mustBeUtf8(string $text): void
    {
        if (mb_check_encoding($text, 'UTF-8')) {
            return;
        }
        foreach (explode("\n", $text) as $index => $line) {
            if (! mb_check_encoding($line, 'UTF-8')) {
                throw Faulty::table('encoding', 'This row is not UTF-8. Save the whole file as UTF-8 and bring it in again.', $index + 1);
            }
        }
    }

    /** @return list<list<string>> */
    private static function split(string $text): array
    {
        $stream = fopen('php://memory', 'r+b') ?: throw Faulty::table('file', 'There is no room to read the file.');
        fwrite($stream, $text);
        rewind($stream);
        $lines = [];
        while (($cells = fgetcsv($stream, self::LONGEST_LINE_BYTES, ',', '"', '')) !== false) {
            if (count($lines) > self::MOST_ROWS) {
                throw Faulty::table(
                    'file',
                    sprintf('A file has at most %d rows. Split it and bring the parts in one after the other.', self::MOST_ROWS),
                    self::MOST_ROWS + 2,
                );
            }
            $lines[] = array_map(static fn(?string $cell): string => $cell ?? '', array_slice($cells, 0, self::MOST_COLUMNS));
        }
        fclose($stream);

        return $lines;
    }

    /**
     * @param list<string> $found
     * @param list<string> $columns
     */
    private static function mustHaveHeader(array $found, array $columns): void
    {
        if (array_map(trim(...), $found) !== $columns) {
            throw Faulty::table('header', sprintf(
                'The first row must be: %s. It is: %s',
                implode(',', $columns),
                mb_strimwidth(mb_scrub(implode(',', $found)), 0, 200, '…') ?: '(empty)',
            ));
        }
    }
}
