<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/** One trip through the whole batch: the same step on every model. Without an area it is done to the whole model. */
final readonly class Pass
{
    /**
     * @param list<string> $reasons why it stands where it stands
     * @param string|null $part name of the loose part that it primes by itself
     * @param list<string>|null $only ids of the areas it is done to, where it primes some of them; null: all
     */
    public function __construct(
        public int $number,
        public ?Area $area,
        public Step $step,
        public array $reasons = [],
        public bool $isUndercoat = false,
        public bool $joinsLast = false,
        private ?array $only = null,
        private ?string $part = null,
    ) {}

    /** What it is done to, by name: an area, a loose part, or "Whole model". */
    public function where(): string
    {
        return $this->area->name ?? $this->part ?? 'Whole model';
    }

    /** "Coat, wash" */
    public function words(): string
    {
        return $this->where().', '.mb_strtolower($this->step->technique->label);
    }

    public function touches(Area $area): bool
    {
        return $this->area === null ? $this->only === null || in_array($area->id, $this->only, true) : $this->area->id === $area->id;
    }
}
