<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Technique;

/** How one painter's minutes stand to the usual ones, technique by technique. */
final readonly class Paces
{
    /** Nobody is told that they paint ten times as fast. */
    public const LEAST = 0.2;

    public const MOST = 5.0;

    /** @param array<string, float> $ratios by technique id; 1 is as the tables say */
    private function __construct(
        private array $ratios,
        private float $all = 1.0,
    ) {}

    public static function usual(): self
    {
        return new self([]);
    }

    /** @param array<string, float> $ratios by technique id; what lies beyond belief is held within it */
    public static function of(array $ratios): self
    {
        return new self(array_map(static fn(float $one): float => max(self::LEAST, min(self::MOST, $one)), $ratios));
    }

    /** The same with everything taking so many times as long. */
    public function times(float $factor): self
    {
        return new self($this->ratios, $this->all * $factor);
    }

    public function ratio(Technique $technique): float
    {
        return $this->all * ($this->ratios[$technique->id] ?? 1.0);
    }
}
