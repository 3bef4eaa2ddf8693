<?php

declare(strict_types=1);

namespace Kalokroma\Review;

/**
 * A change to a step that settles a finding, ready to be applied with one press.
 */
final readonly class Mend
{
    /** @param array<string, mixed> $changes fields of the step in the plan document => their new values */
    public function __construct(
        public string $label,
        public array $changes,
    ) {}
}
