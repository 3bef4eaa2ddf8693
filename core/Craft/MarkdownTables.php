<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

use RuntimeException;

/** Tables of a Markdown file, each by the heading it stands under. */
final class MarkdownTables
{
    /**
     * @return array<string, list<array<string, string>>> rows by heading, each by the words in the table's first row
     *
     * @throws RuntimeException when there is no such file, or a row has more or fewer fields than its table
     */
    public static function of(string $path): array
    {
        $tables = [];
        $heading = '';
        $names = null;
        foreach (@file($path, FILE_IGNORE_NEW_LINES) ?: throw new RuntimeException("There is no file $path, or nothing in it.") as $at => $line) {
            if (! str_starts_with($line, '|')) {
                $names = null;
                $heading = str_starts_with($line, '#') ? trim($line, '# ') : $heading;
            } elseif ($names === null) {
                $names = self::fields($line);
            } elseif (! str_starts_with($line, '|-')) {
                $fields = self::fields($line);
                $tables[$heading][] = count($fields) === count($names)
                    ? array_combine($names, $fields)
                    : throw new RuntimeException(sprintf('Row %d of %s has %d fields, not %d.', $at + 1, $path, count($fields), count($names)));
            }
        }

        return $tables;
    }

    /** @return list<string> */
    private static function fields(string $line): array
    {
        return array_map(trim(...), explode('|', substr(rtrim($line), 1, -1)));
    }
}
