<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/** What a coat waits for on the same model: the end of another and some time after it. */
final readonly class Link
{
    /**
     * @param int $from index of the coat before
     * @param int $to index of the one that waits
     * @param int $lag seconds from the end of the one to the start of the other; negative where pieces of what is carried through overlap with it
     * @param bool $isNextModel it waits for the model before in the batch, not for itself
     */
    public function __construct(
        public int $from,
        public int $to,
        public int $lag,
        public bool $isNextModel = false,
    ) {}
}
