<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Craft\Load;
use Kalokroma\Craft\Side;
use Kalokroma\Craft\Spirit;
use Kalokroma\Otherwise;

/** What only some steps have to say about themselves. Null and empty: nothing is said. */
final readonly class Particulars
{
    use Otherwise;

    public const MOST_HEADS = 40;

    public const LONGEST_HEAD = 80;

    /** A fortnight. */
    public const MOST_WAIT_MINUTES = 20160;

    /**
     * @param bool $optional may fall away by rank, patience or time
     * @param int|null $waitMinutes how long the painter means to wait after it; null as long as it takes
     * @param bool|null $perModel carried through on one model before the next; null as the technique wants it
     * @param Side|null $side where coloured light comes from
     * @param list<string> $borders ids of the neighbours whose border is lined
     * @param string|null $part id of the part that is glued on
     * @param list<string> $heads the single places of the step, for ticking off
     * @param string|null $within id of the step on half of whose mark it lies; null: on the place of all marks
     * @param list<string> $roles ids of the roles it is done to; none: everybody
     * @param Written|null $written what it was when it was written for the painter; null when the painter wrote it
     */
    public function __construct(
        public bool $optional = false,
        public ?int $waitMinutes = null,
        public ?bool $perModel = null,
        public ?Side $side = null,
        public array $borders = [],
        public ?string $part = null,
        public Load $load = Load::Normal,
        public Spirit $spirit = Spirit::Enamel,
        public ?Blend $second = null,
        public array $heads = [],
        public ?Written $written = null,
        public ?string $within = null,
        public array $roles = [],
    ) {}

    public static function none(): self
    {
        return new self;
    }

    public function waiting(?int $minutes): self
    {
        return $this->but(waitMinutes: $minutes);
    }

    /** @param list<string> $borders ids of the neighbours whose border is lined */
    public function lining(array $borders): self
    {
        return $this->but(borders: $borders);
    }

    /** @param string|null $part id of the part that is glued on */
    public function gluing(?string $part): self
    {
        return $this->but(part: $part);
    }

    /** What another technique was told is forgotten: model by model or not, how full the brush, on whose mark. */
    public function asTechniqueWants(): self
    {
        return $this->but(perModel: null, load: Load::Normal, within: null);
    }

    public function loaded(Load $load): self
    {
        return $this->but(load: $load);
    }

    /** @param string|null $step id of the step on half of whose mark it lies */
    public function lyingWithin(?string $step): self
    {
        return $this->but(within: $step);
    }

    public function onOneModel(?bool $perModel): self
    {
        return $this->but(perModel: $perModel);
    }

    /** @param list<string> $roles ids of the roles it is done to; none: everybody */
    public function forRoles(array $roles): self
    {
        return $this->but(roles: $roles);
    }

    public function writtenAs(?Written $written): self
    {
        return $this->but(written: $written);
    }
}
