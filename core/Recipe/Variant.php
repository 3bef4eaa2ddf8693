<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** Another recipe for an area, tried or to be tried: a way to paint it, which may stand on another ground, and be some models' own. */
final readonly class Variant
{
    public const MOST = 20;

    /**
     * @param list<Step> $steps
     * @param Undercoat|null $undercoat that it stands on; null: the area's
     * @param list<string> $roles ids of the roles that are painted so
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $tried,
        public string $verdict,
        public string $note,
        public array $steps,
        public ?Undercoat $undercoat = null,
        public array $roles = [],
    ) {}

    /** The same with one step in place of the one that has its id. */
    public function withStep(Step $changed): self
    {
        return $this->with(array_map(static fn(Step $step): Step => $step->id === $changed->id ? $changed : $step, $this->steps));
    }

    /** @param list<Step> $steps */
    public function with(array $steps): self
    {
        return new self($this->id, $this->name, $this->tried, $this->verdict, $this->note, $steps, $this->undercoat, $this->roles);
    }

    /** @param Undercoat|null $undercoat null: that of the model */
    public function over(?Undercoat $undercoat): self
    {
        return new self($this->id, $this->name, $this->tried, $this->verdict, $this->note, $this->steps, $undercoat, $this->roles);
    }

    /** @param list<string> $roles ids of the roles that are painted so */
    public function forRoles(array $roles): self
    {
        return new self($this->id, $this->name, $this->tried, $this->verdict, $this->note, $this->steps, $this->undercoat, $roles);
    }

    /** The area is painted just so. */
    public function isRecipeOf(Area $area): bool
    {
        return $this->steps !== [] && SharedSteps::areAlike($this->steps, $area->steps);
    }
}
