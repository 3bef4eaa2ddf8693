<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Plan;

/** A written guide as far as it was understood: a plan, and what of the text became what. */
final readonly class Guide
{
    /**
     * @param list<array{line: int, area: string|null, technique: string, paints: list<array{Paint, int}>, sure: float}> $read
     * @param list<int> $unread numbers of lines that nothing was made of
     * @param list<array{line: int, text: string}> $leftOver parts of lines of which the rest was read
     * @param list<int> $aside numbers of lines that tell of waiting, cleaning and patience
     * @param list<string> $unknownPaints as written
     * @param list<Paint> $listedUnused
     * @param list<Paint> $usedUnlisted
     * @param list<Paint> $used
     */
    public function __construct(
        public Plan $plan,
        public array $read,
        public array $unread,
        public array $leftOver,
        public array $aside,
        public array $unknownPaints,
        public array $listedUnused,
        public array $usedUnlisted,
        public array $used,
    ) {}
}
