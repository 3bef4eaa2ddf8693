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

    /**
     * @param list<float> $level recess, lower side, face, raised, edge
     * @param list<float> $carved the same on the deepest relief
     * @param list<float> $share of each zone that is touched, 0…1
     */
    public static function of(array $level, array $carved, array $share, bool $tapers): self
    {
        return new self($level, $carved, $share, $tapers);
    }

    /** Nothing that is seen. */
    public static function none(): self
    {
        return new self([0.0, 0.0, 0.0, 0.0, 0.0], [0.0, 0.0, 0.0, 0.0, 0.0], [1.0, 1.0, 1.0, 1.0, 1.0]);
    }

    /** @param array<string, self> $loads what the same brush leaves with another load, by Load value */
    public function withLoads(array $loads): self
    {
        return new self($this->level, $this->carved, $this->share, $this->tapers, $loads);
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
