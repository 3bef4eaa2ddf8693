<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

/** How thoroughly a shelf is searched for mixes. What each costs and misses is told in docs/decisions.md. */
final readonly class Effort
{
    /**
     * @param int $mostPaints on a larger shelf only the likeliest are searched: those nearest to the target and those that pull farthest
     *     each way, …
     * @param int $likeliest … so many of them
     * @param int $pairs so many pairs are tried, those whose tangent passes nearest, …
     * @param bool $triesAllPairs … and then all the others that could be as near
     * @param int $hunted so many paints are hunted through for triples
     * @param int $improved of so many of the best each two paints are tried …
     * @param int $thirds … with so many thirds, …
     * @param int $rounds … and so many times over
     */
    private function __construct(
        public int $mostPaints,
        public int $likeliest,
        public int $pairs,
        public bool $triesAllPairs,
        public int $hunted,
        public int $improved,
        public int $thirds,
        public int $rounds,
    ) {}

    /** For one colour somebody waits for. */
    public static function thorough(): self
    {
        return new self(500, 300, 40, true, 72, 2, 120, 2);
    }

    /** For each of many colours. */
    public static function quick(): self
    {
        return new self(120, 120, 80, false, 40, 1, 60, 1);
    }
}
