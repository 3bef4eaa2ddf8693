<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/** One task before another, and why. */
final readonly class Precedence
{
    public function __construct(
        public Task $first,
        public Task $then,
        public string $reason,
    ) {}
}
