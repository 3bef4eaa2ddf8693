<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Paint\Paint;
use Kalokroma\Simulation\Strip;

/**
 * The recipes of all areas of one kind of model over one undercoat, what is done to the whole model between them, and what the painter has said
 * about the order.
 */
final readonly class Plan
{
    public const LONGEST_NAME = 120;

    public const MOST_AREAS = 60;

    public const MOST_STEPS = 40;

    public const MOST_PARTS = 40;

    /**
     * @param list<Area> $areas
     * @param list<Part> $parts
     * @param list<Step> $wholeModel
     * @param list<Silence> $silenced
     * @param list<Role> $roles
     */
    private function __construct(
        public string $name,
        public ModelKind $model,
        public Undercoat $undercoat,
        public array $areas,
        public Way $way,
        public array $parts,
        public array $wholeModel,
        public Running $running,
        public array $silenced,
        public array $roles,
    ) {}

    /**
     * @param list<Area> $areas
     * @param list<Part> $parts pieces kept loose until they are glued on
     * @param list<Step> $wholeModel steps on the whole model, at any time
     * @param list<Silence> $silenced
     * @param list<Role> $roles who there may be in a batch
     *
     * @throws IllegalPlan when nameless, when ids clash, when something points to strangers, areas lie under themselves, or the order turns a
     *                     recipe round
     */
    public static function of(
        string $name,
        ModelKind $model,
        Undercoat $undercoat,
        array $areas,
        ?Way $way = null,
        array $parts = [],
        array $wholeModel = [],
        ?Running $running = null,
        array $silenced = [],
        array $roles = [],
    ): self {
        self::mustBeNamed('name', $name);
        $plan = new self($name, $model, $undercoat, $areas, $way ?? new Way, $parts, $wholeModel, $running ?? new Running, $silenced, $roles);
        (new AreaRelations($areas))->check();
        (new PlanChecks($plan))->check();

        return $plan;
    }

    /** @throws IllegalPlan */
    public static function mustBeNamed(string $field, string $name): void
    {
        if (trim($name) === '' || mb_strlen($name) > self::LONGEST_NAME) {
            throw IllegalPlan::name($field, self::LONGEST_NAME);
        }
    }

    public function area(string $id): ?Area
    {
        return array_find($this->areas, static fn(Area $area): bool => $area->id === $id);
    }

    public function part(string $id): ?Part
    {
        return array_find($this->parts, static fn(Part $part): bool => $part->id === $id);
    }

    public function role(string $id): ?Role
    {
        return array_find($this->roles, static fn(Role $role): bool => $role->id === $id);
    }

    /**
     * The area that holds a step, and the step.
     *
     * @return array{Area, Step}|null
     */
    public function find(string $stepId): ?array
    {
        foreach ($this->areas as $area) {
            $step = $area->step($stepId);
            if ($step !== null) {
                return [$area, $step];
            }
        }

        return null;
    }

    /** @return array<string, Undercoat> the plan's under no name, then those of loose parts that are primed by themselves, by the part's id */
    public function undercoats(): array
    {
        $undercoats = ['' => $this->undercoat];
        foreach ($this->parts as $part) {
            if ($part->undercoat !== null) {
                $undercoats[$part->id] = $part->undercoat->ofPart($part->id);
            }
        }

        return $undercoats;
    }

    /** What an area stands on: its part's own undercoat, or the plan's. */
    public function undercoatOf(?Area $area): Undercoat
    {
        $part = $area?->part === null ? null : $this->part($area->part);

        return $part === null || $part->undercoat === null ? $this->undercoat : $part->undercoat->ofPart($part->id);
    }

    /** It lies on a loose part that is primed by itself. */
    public function isPrimedByItself(Area $area): bool
    {
        return $area->part !== null && $this->part($area->part)?->undercoat !== null;
    }

    /** @return list<string>|null ids of the areas that a step of an undercoat is sprayed on; null when that is all of them */
    public function primedBy(string $stepId): ?array
    {
        return count($this->undercoats()) === 1
            ? null
            : array_column(array_filter($this->areas, fn(Area $area): bool => $this->undercoatOf($area)->holds($stepId)), 'id');
    }

    /** It primes the model, or a loose part of it. */
    public function isOfUndercoat(string $stepId): bool
    {
        return array_any($this->undercoats(), static fn(Undercoat $undercoat): bool => $undercoat->holds($stepId));
    }

    /** @return list<Step> all that primes it */
    private function priming(): array
    {
        return array_merge(...array_values(array_map(static fn(Undercoat $one): array => $one->steps(), $this->undercoats())));
    }

    /** A step by its id, those of the undercoat and of the whole model among them. */
    public function step(string $id): ?Step
    {
        return array_find([...$this->priming(), ...$this->wholeModel], static fn(Step $step): bool => $step->id === $id)
            ?? $this->find($id)[1]
            ?? null;
    }

    /** @return list<Step> the undercoat's, every area's, and the whole model's */
    public function steps(): array
    {
        return [
            ...$this->priming(),
            ...array_merge(...array_column($this->areas, 'steps')),
            ...$this->wholeModel,
        ];
    }

    /** An id for a new step that no other has. */
    public function freeStepId(string $like): string
    {
        $like = mb_substr($like, 0, 32);
        for ($number = 2; $this->step("$like-$number") !== null; $number++);

        return "$like-$number";
    }

    /** What the area will look like after each stage of its own recipe; steps only thought of leave no stage. */
    public function strip(Area $area): Strip
    {
        return $area->strip($this->undercoatOf($area), $this->model->finishLevel);
    }

    /** The same plan with one area in place of the one that has its id. */
    public function withArea(Area $changed, ?Running $running = null): self
    {
        return $this->but(
            areas: array_map(static fn(Area $area): Area => $area->id === $changed->id ? $changed : $area, $this->areas),
            running: $running,
        );
    }

    /**
     * The same plan with other areas; what the order says of steps that are gone goes too.
     *
     * @param list<Area> $areas
     */
    public function withAreas(array $areas): self
    {
        return $this->but(areas: $areas);
    }

    /** @param list<Step> $steps */
    public function withWholeModel(array $steps, ?Running $running = null): self
    {
        return $this->but(wholeModel: $steps, running: $running);
    }

    /**
     * @param list<Part> $parts
     * @param list<Area> $areas as they are with these
     * @param list<Step> $wholeModel
     */
    public function withParts(array $parts, array $areas, array $wholeModel): self
    {
        return $this->but(areas: $areas, wholeModel: $wholeModel, parts: $parts);
    }

    /**
     * @param list<Role> $roles who there may be in a batch
     * @param list<Area> $areas as they are with these
     * @param list<Step> $wholeModel
     */
    public function withRoles(array $roles, array $areas, array $wholeModel): self
    {
        return $this->but(areas: $areas, wholeModel: $wholeModel, roles: $roles);
    }

    /** What stands on one undercoat, as a plan of its own: on a loose part's, primed by itself or not yet, or, with none named, on the plan's. */
    public function standingOn(?string $part): self
    {
        $isElsewhere = fn(Area $area): bool => $part === null ? $this->isPrimedByItself($area) : $area->part !== $part;
        $areas = array_values(array_filter($this->areas, static fn(Area $area): bool => ! $isElsewhere($area)));
        foreach (array_filter($this->areas, $isElsewhere) as $gone) {
            $areas = array_map(static fn(Area $area): Area => $area->without($gone->id), $areas);
        }

        return $this->but(
            undercoat: $part === null ? null : $this->part($part)?->undercoat,
            areas: $areas,
            parts: array_map(static fn(Part $one): Part => $one->id === $part ? new Part($one->id, $one->name) : $one, $this->parts),
        );
    }

    public function over(Undercoat $undercoat): self
    {
        return $this->but(undercoat: $undercoat);
    }

    public function running(Running $running): self
    {
        return $this->but(running: $running);
    }

    /** @param list<Silence> $silenced */
    public function silencing(array $silenced): self
    {
        return $this->but(silenced: $silenced);
    }

    /** The same plan with one step, of an area or of the whole model, in place of the one that has its id. */
    public function withStep(Step $changed): self
    {
        $found = $this->find($changed->id);

        return $found !== null
            ? $this->withArea($found[0]->withStep($changed))
            : $this->withWholeModel(array_map(static fn(Step $step): Step => $step->id === $changed->id ? $changed : $step, $this->wholeModel));
    }

    /** Coats that a step of an area needs to cover; null when it is not meant to, or no number of coats that anybody paints does. */
    public function coatsNeeded(string $stepId): ?int
    {
        [$area, $step] = $this->find($stepId) ?? throw IllegalPlan::unknownStep('step');
        $needed = $step->place->isFeathered() ? null : $this->strip($area)->stage($stepId)?->forecast?->needed;

        return $needed === null || $needed > Step::MOST_COATS ? null : $needed;
    }

    /** The same plan with a step in as many coats as it needs, if that is known. */
    public function withNeededCoats(string $stepId): self
    {
        $needed = $this->coatsNeeded($stepId);
        [$area, $step] = $this->find($stepId) ?? throw IllegalPlan::unknownStep('step');

        return $needed === null ? $this : $this->withArea($area->withStep($step->inCoats($needed)));
    }

    /** @return array<string, Paint> every paint the plan names, by id */
    public function paints(): array
    {
        $steps = [...$this->wholeModel];
        $undercoats = array_values($this->undercoats());
        foreach ($this->areas as $area) {
            array_push($steps, ...$area->steps);
            foreach ($area->variants as $variant) {
                array_push($steps, ...$variant->steps);
                $undercoats = $variant->undercoat === null ? $undercoats : [...$undercoats, $variant->undercoat];
            }
        }
        $primers = array_merge(...array_map(static fn(Undercoat $one): array => $one->paints(), $undercoats));

        return array_column($primers, null, 'id') + Step::potsOf($steps);
    }

    /** @param mixed ...$changes by the names of what it holds; null: as it is */
    private function but(mixed ...$changes): self
    {
        $fields = [...get_object_vars($this), ...array_filter($changes, static fn(mixed $one): bool => $one !== null)];
        if (! isset($changes['running'])) {
            // @phpstan-ignore argument.type
            $ids = array_flip(array_column((new self(...$fields))->steps(), 'id'));
            $fields['running'] = $this->running->only(static fn(string $id): bool => isset($ids[$id]));
        }

        // @phpstan-ignore argument.type
        return self::of(...$fields);
    }
}
