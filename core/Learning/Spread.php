<?php

declare(strict_types=1);

namespace Kalokroma\Learning;

/** What was measured over and over: the middle of it, and between what the inner half lies. */
final readonly class Spread
{
    private function __construct(
        public float $median,
        public float $low,
        public float $high,
        public int $samples,
    ) {}

    /** @param non-empty-list<float> $values in any order */
    public static function of(array $values): self
    {
        sort($values);

        return new self(self::quantile($values, 0.5), self::quantile($values, 0.25), self::quantile($values, 0.75), count($values));
    }

    /** @param non-empty-list<float> $sorted */
    private static function quantile(array $sorted, float $share): float
    {
        $at = $share * (count($sorted) - 1);
        $below = (int) floor($at);

        return $sorted[$below] + ($at - $below) * (($sorted[$below + 1] ?? $sorted[$below]) - $sorted[$below]);
    }
}
