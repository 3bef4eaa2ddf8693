<?php

declare(strict_types=1);

namespace Kalokroma\Review;

/**
 * Something about a step that the painter should know before doing it: what, why, what the other school would say, and how to mend it.
 */
final readonly class Finding
{
    /** @param list<Mend> $mends */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public string $stepId,
        public string $words,
        public string $why,
        public string $otherSchool,
        public array $mends,
    ) {}
}
