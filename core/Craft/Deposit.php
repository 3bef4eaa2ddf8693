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
     * @param bool $tapers its coats reach less far one after the other: it leaves that much whatever place is named, unless the place lies closer
     * @param array<string, self> $loads what another load leaves, by Load value
     */
    private function __construct(
        private array $level,
        private array $carved,
        private array $share,
        public bool $tapers = false,
        private array $loads = [],
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

    /**
     * Thin coats, each drawn out less far than the last: what they add up to.
     *
     * @param list<float> $coats
     */
    public static function tapering(array $coats): self
    {
        return new self($coats, $coats, [1.0, 1.0, 1.0, 1.0, 1.0], true);
    }

    /** The same brush with another load. */
    public function loaded(Load $load, self $deposit): self
    {
        return new self($this->level, $this->carved, $this->share, $this->tapers, [...$this->loads, $load->value => $deposit]);
    }

    /** Nothing that is seen. */
    public static function none(): self
    {
        return self::even(0.0);
    }

    /** Thickness of one undiluted coat, in standard coats. */
    public function thickness(Zone $zone, Texture $texture, Load $load = Load::Normal): float
    {
        if (isset($this->loads[$load->value])) {
            return $this->loads[$load->value]->thickness($zone, $texture);
        }
        $level = $this->level[$zone->index()];

        return $level + $texture->relief() * ($this->carved[$zone->index()] - $level);
    }

    /** It leaves some of the place as it was. */
    public function isPatchy(): bool
    {
        return array_sum($this->share) < count($this->share);
    }

    /** 0…1 */
    public function share(Zone $zone): float
    {
        return $this->share[$zone->index()];
    }
}
