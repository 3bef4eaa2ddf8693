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
        return new self($colour, "$name [$maker / $code]");
    }

    /** @return array{string, string, string}|null name, maker and code when it was written by us */
    public function paint(): ?array
    {
        return preg_match('~^(.*\S)\s*\[(.+) / (.+)\]$~u', $this->name, $found) === 1 ? [$found[1], $found[2], $found[3]] : null;
    }
}
