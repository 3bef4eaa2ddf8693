<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Craft\Thinner;

/**
 * Parts of paint to parts of medium, water or thinner.
 */
final readonly class Dilution
{
    public const MOST_PARTS = 20;

    private function __construct(
        public int $paint,
        public int $thinner,
        public Thinner $with,
    ) {}

    /** @throws IllegalMix when there is no paint in it, or parts are negative or beyond counting */
    public static function of(int $paint, int $thinner, Thinner $with): self
    {
        if ($paint < 1 || $paint > self::MOST_PARTS || $thinner < 0 || $thinner > self::MOST_PARTS) {
            throw IllegalMix::dilution($paint, $thinner);
        }

        return new self($paint, $thinner, $with);
    }

    public static function none(): self
    {
        return new self(1, 0, Thinner::Water);
    }

    public function isStraight(): bool
    {
        return $this->thinner === 0;
    }

    /** Share of paint in what the brush carries, 0…1: how thick a dried coat is against an unthinned one. */
    public function strength(): float
    {
        return $this->paint / ($this->paint + $this->thinner);
    }

    /** "2 : 1 water", or "straight". */
    public function words(): string
    {
        return $this->isStraight() ? 'straight' : sprintf('%d : %d %s', $this->paint, $this->thinner, $this->with->value);
    }
}
