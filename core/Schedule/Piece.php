<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Pass;

/** One coat of a pass on one model. */
final readonly class Piece
{
    /**
     * @param int $coat from 1
     * @param int $offset seconds from the start of what it is carried through with
     * @param int $seconds hands-on
     */
    public function __construct(
        public Pass $pass,
        public int $coat,
        public int $offset,
        public int $seconds,
    ) {}

    public function end(): int
    {
        return $this->offset + $this->seconds;
    }
}
