<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Technique;

/** How one painter's minutes stand to the usual ones, technique by technique. */
final readonly class Paces
{
    /** Nobody is told that they paint ten times as fast. */
    public const LEAST = 0.2;

    public const MOST = 5.0;

    /** Minutes to fetch and thin what a pass needs, and to clean up after it. */
    public const SET_UP = 3.0;

    /** Nobody fetches and cleans for longer. */
    public const MOST_SET_UP = 30;

    /** @param array<string, float> $ratios by technique id; 1 is as the tables say */
    private function __construct(
        private array $ratios,
        private float $all = 1.0,
        private float $setUp = self::SET_UP,
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

    /** Those of a book of techniques beside those of an earlier one, for what was planned by the earlier. */
    public static function since(CraftBook $then, CraftBook $now): self
    {
        $ratios = [];
        foreach ($now->techniques() as $technique) {
            $before = $then->technique($technique->id)->minutes ?? $technique->minutes;
            if ($before > 0.0 && $before !== $technique->minutes) {
                $ratios[$technique->id] = $technique->minutes / $before;
            }
        }

        return self::of($ratios);
    }

    /** The same with everything taking so many times as long. */
    public function times(float $factor): self
    {
        return new self($this->ratios, $this->all * $factor, $this->setUp);
    }

    /** The same with so many minutes to fetch, thin and clean in each pass. */
    public function withSetUp(float $minutes): self
    {
        return new self($this->ratios, $this->all, $minutes);
    }

    /** Minutes of each pass that are no brushwork, however many models it has. */
    public function setUp(): float
    {
        return $this->all * $this->setUp;
    }

    public function ratio(Technique $technique): float
    {
        return $this->all * ($this->ratios[$technique->id] ?? 1.0);
    }
}
