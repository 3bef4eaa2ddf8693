<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Craft\Thinner;
use Kalokroma\Craft\Usual;
use Kalokroma\Paint\Paint;

/**
 * Parts of paint to parts of medium, water or thinner.
 */
final readonly class Dilution
{
    public const MOST_PARTS = 20;

    /** Parts of paint that one counts out before thinning. */
    private const FEW_PARTS = 4;

    private const NEAR = 0.02;

    private function __construct(
        public int $paint,
        public int $thinner,
        public Thinner $with,
        public ?Paint $pot = null,
    ) {}

    /** @throws IllegalMix when there is no paint in it, or parts are negative or beyond counting */
    public static function of(int $paint, int $thinner, Thinner $with): self
    {
        if ($paint < 1 || $paint > self::MOST_PARTS || $thinner < 0 || $thinner > self::MOST_PARTS) {
            throw IllegalMix::dilution($paint, $thinner);
        }

        return new self($paint, $thinner, $with);
    }

    public static function usual(Usual $usual): self
    {
        return self::of($usual->paint, $usual->thinner, $usual->with);
    }

    public static function none(): self
    {
        return new self(1, 0, Thinner::Water);
    }

    /**
     * The ratio of fewest parts that is nearest to a strength; within NEAR of it nobody could tell.
     *
     * @param float $strength share of paint, more than 0 and at most 1; thinner than 1 : 20 is taken as that
     */
    public static function near(float $strength, Thinner $with): self
    {
        [$nearest, $best] = [INF, self::of(1, 0, $with)];
        for ($paint = 1; $paint <= self::FEW_PARTS; $paint++) {
            $thinner = max(0, min(self::MOST_PARTS, (int) round($paint / $strength - $paint)));
            $off = abs($paint / ($paint + $thinner) / $strength - 1);
            if ($off < $nearest - self::NEAR) {
                [$nearest, $best] = [$off, $thinner === 0 ? self::of(1, 0, $with) : self::of($paint, $thinner, $with)];
            }
        }

        return $best;
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

    /** The same, thinned with this pot. */
    public function outOf(?Paint $pot): self
    {
        return new self($this->paint, $this->thinner, $this->with, $pot);
    }

    /** "2 : 1 water", or "straight". */
    public function words(): string
    {
        return $this->isStraight() ? 'straight' : sprintf('%d : %d %s', $this->paint, $this->thinner, $this->with->value);
    }
}
