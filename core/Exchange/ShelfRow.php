<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

/** What is owned of a paint. Without a remaining volume the pots count as full. */
final readonly class ShelfRow
{
    public function __construct(
        public string $maker,
        public string $code,
        public int $pots,
        public ?float $remainingMl,
        public string $note,
    ) {}

    /** As the catalogue's rows have it. */
    public function key(): string
    {
        return $this->maker."\n".$this->code;
    }
}
