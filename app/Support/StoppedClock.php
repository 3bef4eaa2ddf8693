<?php

declare(strict_types=1);

namespace App\Support;

use DateTimeImmutable;
use Psr\Clock\ClockInterface;

/** Always the same time: for what is recorded as of then. */
final readonly class StoppedClock implements ClockInterface
{
    public function __construct(private DateTimeImmutable $time) {}

    public function now(): DateTimeImmutable
    {
        return $this->time;
    }
}
