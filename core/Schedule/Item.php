<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Pass;

/** One coat of a step, on some models one after the other, in one session. */
final readonly class Item
{
    /**
     * @param int $job which batch, from 0
     * @param int $coat from 1
     * @param non-empty-list<int> $models by number from 1, in the order they are painted
     * @param int $start seconds since the epoch
     * @param int $end seconds since the epoch
     * @param int $session from 0
     */
    public function __construct(
        public int $job,
        public Pass $pass,
        public int $coat,
        public array $models,
        public int $start,
        public int $end,
        public int $session,
    ) {}
}
