<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Colour\Srgb;

/** One colour of a palette. */
final readonly class GplEntry
{
    public function __construct(
        public Srgb $colour,
        public string $name,
    ) {}

    public static function ofPaint(Srgb $colour, string $name, string $maker, string $code): self
    {
        return new self($colour, sprintf('%s [%s / %s]', self::written($name, '%'), self::written($maker, '%[]/'), self::written($code, '%[]/')));
    }

    /** @return array{string, string, string}|null name, maker and code when it was written by us */
    public function paint(): ?array
    {
        return preg_match('~^(.*\S) \[([^\[\]/]+) / ([^\[\]/]+)\]$~u', $this->name, $found) === 1
            ? [rawurldecode($found[1]), rawurldecode($found[2]), rawurldecode($found[3])]
            : null;
    }

    /** A line of a palette ends at its end, and white space in it counts once: what would be lost or mistaken is written as %20 and the like. */
    private static function written(string $text, string $marks): string
    {
        $escaped = strtr($text, array_combine(str_split($marks), array_map(rawurlencode(...), str_split($marks))));

        return preg_replace_callback('/^\s|\s$|(?<=\s)\s|[^\S ]/u', static fn(array $found): string => rawurlencode($found[0]), $escaped)
            ?? $escaped;
    }
}
