<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/**
 * How thick a coat a technique leaves in every zone, in standard coats: `level` on a surface without relief, `carved` on one with the deepest;
 * textures lie between. And on what share of the place it lies at all: chips and streaks are patches.
 */
final readonly class Deposit
{
    /**
     * @param list<float> $level recess, lower side, face, raised, edge
     * @param list<float> $carved the same on the deepest relief
     * @param list<float> $share of each zone that is touched, 0…1
     */
    private function __construct(
        private array $level,
        private array $carved,
        private array $share,
    ) {}

    /** A brush leaves it where it goes, whatever the relief. */
    public static function even(float $coats): self
    {
        return self::moulded(array_fill(0, 5, $coats), array_fill(0, 5, $coats));
    }

    /**
     * @param list<float> $level
     * @param list<float> $carved
     */
    public static function moulded(array $level, array $carved): self
    {
        return new self($level, $carved, [1.0, 1.0, 1.0, 1.0, 1.0]);
    }

    /** @param list<float> $share of each zone that is touched */
    public static function patchy(float $coats, array $share): self
    {
        return new self(array_fill(0, 5, $coats), array_fill(0, 5, $coats), $share);
    }

    /** Nothing that is seen. */
    public static function none(): self
    {
        return self::even(0.0);
    }

    /** Thickness of one undiluted coat, in standard coats. */
    public function thickness(Zone $zone, Texture $texture): float
    {
        $level = $this->level[$zone->index()];

        return $level + $texture->relief() * ($this->carved[$zone->index()] - $level);
    }

    /** 0…1 */
    public function share(Zone $zone): float
    {
        return $this->share[$zone->index()];
    }
}
