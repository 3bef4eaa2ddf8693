<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use DateTimeImmutable;

/** A time at the desk. */
final readonly class Session
{
    public const LONGEST_MINUTES = 1440;

    private function __construct(
        public DateTimeImmutable $start,
        public int $minutes,
    ) {}

    /** @throws IllegalSession when it has no length, or is longer than a day */
    public static function of(DateTimeImmutable $start, int $minutes): self
    {
        if ($minutes < 1 || $minutes > self::LONGEST_MINUTES) {
            throw IllegalSession::length($minutes);
        }

        return new self($start, $minutes);
    }

    /** Seconds since the epoch: a clock put forward or back in the night makes no session longer. */
    public function from(): int
    {
        return $this->start->getTimestamp();
    }

    public function to(): int
    {
        return $this->from() + 60 * $this->minutes;
    }

    public function overlaps(self $other): bool
    {
        return $this->from() < $other->to() && $other->from() < $this->to();
    }
}
