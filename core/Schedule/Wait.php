<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/** Time within a session in which nothing can be painted. */
final readonly class Wait
{
    /**
     * @param int $start seconds since the epoch
     * @param int $end seconds since the epoch
     * @param string $stepId what has to dry
     */
    public function __construct(
        public int $start,
        public int $end,
        public string $stepId,
        public int $job,
    ) {}
}
