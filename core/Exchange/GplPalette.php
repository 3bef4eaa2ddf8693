<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

/** A named run of named colours. */
final readonly class GplPalette
{
    /** @param list<GplEntry> $entries */
    public function __construct(
        public string $name,
        public array $entries,
    ) {}
}
