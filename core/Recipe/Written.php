<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** Left on a step that was written for the painter: which rung it is, and what it was then. One that is something else now was touched by hand. */
final readonly class Written
{
    public const LONGEST = 40;

    /**
     * @param string $rung of the ladder: "base", "light" …
     * @param string $as fingerprint of the step when it was written (Step::fingerprint())
     */
    public function __construct(
        public string $rung,
        public string $as,
    ) {}
}
