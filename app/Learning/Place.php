<?php

declare(strict_types=1);

namespace App\Learning;

use Closure;

/** Where a number that can be learned is kept: what stands there now, and how another takes its place. */
final readonly class Place
{
    /**
     * @param Closure(): array<string, mixed> $reads
     * @param Closure(array<string, mixed>): void $writes
     */
    public function __construct(
        private Closure $reads,
        private Closure $writes,
    ) {}

    /** @return array<string, mixed> by field */
    public function read(): array
    {
        return ($this->reads)();
    }

    /** @param array<string, mixed> $value by field */
    public function write(array $value): void
    {
        ($this->writes)($value);
    }
}
