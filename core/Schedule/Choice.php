<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/** A way of choosing what to take up next. */
final readonly class Choice
{
    /**
     * @param list<float> $urgency by coat: the most urgent of what can begin is taken
     * @param bool $cutsShort what is begun is left after some models when something more urgent has dried meanwhile
     * @param bool $fillsUp a session is filled with part of a batch where not all of it fits
     */
    public function __construct(
        public array $urgency,
        public bool $cutsShort,
        public bool $fillsUp,
    ) {}
}
