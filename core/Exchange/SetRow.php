<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

/** A box of paints sold together, all by one maker. */
final readonly class SetRow
{
    /** @param non-empty-list<string> $codes of the maker's paints in it */
    public function __construct(
        public string $maker,
        public string $code,
        public string $name,
        public int $price,
        public array $codes,
    ) {}
}
