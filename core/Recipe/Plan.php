<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Paint\Paint;
use Kalokroma\Simulation\Strip;

/**
 * The recipes of all areas of one kind of model, over one undercoat.
 */
final readonly class Plan
{
    public const LONGEST_NAME = 120;

    public const MOST_AREAS = 60;

    public const MOST_STEPS = 40;

    /** @param list<Area> $areas */
    private function __construct(
        public string $name,
        public ModelKind $model,
        public Undercoat $undercoat,
        public array $areas,
    ) {}

    /**
     * @param list<Area> $areas
     *
     * @throws IllegalPlan when nameless, when ids clash, or when areas point to strangers or lie under themselves
     */
    public static function of(string $name, ModelKind $model, Undercoat $undercoat, array $areas): self
    {
        self::mustBeNamed('name', $name);
        (new AreaRelations($areas))->check();

        return new self($name, $model, $undercoat, $areas);
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
        foreach ($this->areas as $area) {
            if ($area->id === $id) {
                return $area;
            }
        }

        return null;
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

    /** A step by its id, those of the undercoat among them. */
    public function step(string $id): ?Step
    {
        foreach ($this->undercoat->steps() as $step) {
            if ($step->id === $id) {
                return $step;
            }
        }

        return $this->find($id)[1] ?? null;
    }

    /** What the area will look like after each stage; steps without paint leave no stage. */
    public function strip(Area $area): Strip
    {
        return $area->strip($this->undercoat, $this->model->finishLevel);
    }

    /** The same plan with one area in place of the one that has its id. */
    public function withArea(Area $changed): self
    {
        return self::of($this->name, $this->model, $this->undercoat, array_map(static fn(Area $area): Area => $area->id === $changed->id ? $changed : $area, $this->areas));
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
        $paints = [$this->undercoat->base->id => $this->undercoat->base];
        if ($this->undercoat->light !== null) {
            $paints[$this->undercoat->light->id] = $this->undercoat->light;
        }
        foreach ($this->areas as $area) {
            foreach ($area->steps as $step) {
                foreach ($step->mix->ingredients ?? [] as $ingredient) {
                    $paints[$ingredient->paint->id] = $ingredient->paint;
                }
            }
        }

        return $paints;
    }
}
