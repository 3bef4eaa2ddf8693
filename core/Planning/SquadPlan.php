<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Part;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;
use Kalokroma\Recipe\Running;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Variant;

/**
 * A plan as a squad is painted by it. A variant that some of the models get is an area beside the one it is a variant of, with steps of its
 * own; and of every step it is known which models it is done to.
 */
final class SquadPlan
{
    private const LONGEST_ID = 40;

    private ?Order $order = null;

    /** @var array<string, Rehearsal> by what a model has not */
    private array $rehearsals = [];

    /**
     * @param Plan $plan with the variants that are painted as areas of their own
     * @param array<string, list<int>> $models by step id; a step that is not named is done to all
     * @param array<string, string> $origins id of the area of the written plan, by that of the area a variant became
     * @param array<string, array{string, string, string}> $steps area, variant and step of the written plan, by the id of the step that a
     *     variant's became
     */
    private function __construct(
        public readonly Plan $plan,
        public readonly Plan $written,
        public readonly Squad $squad,
        private readonly array $models,
        private readonly array $origins,
        private readonly array $steps,
    ) {}

    /** So many models by the same plan, of whom nothing is said. */
    public static function alike(Plan $plan, int $models): self
    {
        return self::of($plan, Squad::alike($models));
    }

    public static function of(Plan $plan, Squad $squad): self
    {
        $models = $origins = $copies = $steps = [];
        foreach ($plan->areas as $area) {
            $ways = [];
            foreach ($squad->members as $number => $member) {
                $way = $squad->way($area, $member);
                if ($way !== null) {
                    $ways[$way][] = $number;
                }
            }
            foreach ($area->steps as $step) {
                $models[$step->id] = self::having($step, $ways[Squad::RECIPE] ?? [], $squad);
            }
            foreach ($area->variants as $variant) {
                if (isset($ways[$variant->id])) {
                    $copy = self::painted($area, $variant);
                    $copies[$area->id][] = [$copy, $variant];
                    $origins[$copy->id] = $area->id;
                    foreach ($copy->steps as $at => $step) {
                        $steps[$step->id] = [$area->id, $variant->id, $variant->steps[$at]->id];
                        $models[$step->id] = self::having($step, $ways[$variant->id], $squad);
                    }
                    foreach ($variant->undercoat?->ofPart($copy->id)->steps() ?? [] as $step) {
                        $models[$step->id] = $ways[$variant->id];
                    }
                }
            }
        }
        foreach ($plan->wholeModel as $step) {
            $models[$step->id] = self::having($step, $squad->numbers(), $squad);
        }
        $everybody = $squad->count();

        return new self(
            $copies === [] ? $plan : self::unfolded($plan, $copies),
            $plan,
            $squad,
            array_filter($models, static fn(array $on): bool => count($on) !== $everybody),
            $origins,
            $steps,
        );
    }

    public function count(): int
    {
        return $this->squad->count();
    }

    /** @return list<int> numbers of the models it is done to */
    public function modelsOf(string $stepId): array
    {
        return $this->models[$stepId] ?? $this->squad->numbers();
    }

    /** Some step of it is not done to all models, or a variant of it is. */
    public function differs(Area $area): bool
    {
        if (in_array($area->id, $this->origins, true)) {
            return true;
        }
        return array_any($area->steps, fn(Step $step): bool => isset($this->models[$step->id]));
    }

    /** The area of the written plan that an area is, or is a variant of. */
    public function origin(Area $area): Area
    {
        return $this->written->area($this->origins[$area->id] ?? $area->id) ?? $area;
    }

    /** The variant that an area of the painted plan is; null: the recipe of its own. */
    public function variantOf(Area $area): ?Variant
    {
        return array_find($this->origin($area)->variants, fn(Variant $variant): bool => self::idOf($this->origin($area), $variant) === $area->id);
    }

    /** A step of the painted plan as it stands in the written one, or in a later state of that. */
    public function stepIn(Plan $written, string $stepId): ?Step
    {
        if (! isset($this->steps[$stepId])) {
            return $written->step($stepId);
        }
        [$area, $variant, $id] = $this->steps[$stepId];
        return array_find($written->area($area)?->variant($variant)->steps ?? [], static fn(Step $step): bool => $step->id === $id);
    }

    /** The written plan, or a later state of it, with that step done otherwise. */
    public function withStepIn(Plan $written, string $stepId, Step $changed): Plan
    {
        if (! isset($this->steps[$stepId])) {
            return $written->withStep($changed);
        }
        $area = $written->area($this->steps[$stepId][0]);

        return $area === null ? $written : $written->withArea($area->withVariants(array_map(
            fn(Variant $one): Variant => $one->id === $this->steps[$stepId][1] ? $one->withStep($changed) : $one,
            $area->variants,
        )));
    }

    /** The area as one model has it; null when it does not. */
    public function areaOn(Area $written, int $model): ?Area
    {
        $way = $this->squad->way($written, $this->squad->members[$model]);
        if ($way === null) {
            return null;
        }
        $variant = $written->variant($way);

        return $this->plan->area($variant === null ? $written->id : self::idOf($written, $variant));
    }

    /** @return array<string, Area> all of them as one model has them, by the id they are written under; without steps where it does not */
    public function areasOn(int $model): array
    {
        $areas = [];
        foreach ($this->written->areas as $area) {
            $areas[$area->id] = $this->areaOn($area, $model) ?? $area->withSteps([]);
        }

        return $areas;
    }

    /** The plan gone through on one model, in the order of the batch: what is not done to it is left out. */
    public function rehearsalOf(int $model): Rehearsal
    {
        $lacks = array_keys(array_filter($this->models, static fn(array $on): bool => ! in_array($model, $on, true)));
        $key = implode(' ', $lacks);

        return $this->rehearsals[$key] ??= Rehearsal::along(
            $this->plan,
            $lacks === [] ? $this->order() : $this->order()->without(array_map(strval(...), $lacks)),
        );
    }

    /** The pass as a model goes through it: the rehearsal of the first model that has it. */
    public function rehearsalAt(Pass $pass): Rehearsal
    {
        return $this->rehearsalOf($this->modelsOf($pass->step->id)[0] ?? $this->squad->numbers()[0]);
    }

    /** @return list<Pass> in painting order; what is on no model is none */
    public function passes(): array
    {
        return array_values(array_filter($this->order()->passes, fn(Pass $pass): bool => $this->modelsOf($pass->step->id) !== []));
    }

    /** Of all its steps. */
    public function order(): Order
    {
        return $this->order ??= Order::of($this->plan);
    }

    /**
     * @param list<int> $of models that have the place it is done at
     *
     * @return list<int>
     */
    private static function having(Step $step, array $of, Squad $squad): array
    {
        return $step->more->roles === []
            ? $of
            : array_values(array_filter($of, static fn(int $number): bool => Role::isAmong($step->more->roles, $squad->members[$number]->role)));
    }

    /** A variant as an area of its own. */
    private static function painted(Area $area, Variant $variant): Area
    {
        $id = self::idOf($area, $variant);
        $steps = Step::allCalled(
            $variant->steps,
            array_map(static fn(Step $step): string => self::joined($variant->id, $step->id), $variant->steps),
        );

        return $area->copied($id, mb_substr("$area->name ($variant->name)", 0, Plan::LONGEST_NAME), $steps)
            ->withVariants([])
            ->onPart($variant->undercoat === null ? $area->part : $id);
    }

    private static function idOf(Area $area, Variant $variant): string
    {
        return self::joined($area->id, $variant->id);
    }

    private static function joined(string $one, string $other): string
    {
        $id = "$one.$other";

        return strlen($id) <= self::LONGEST_ID ? $id : hash('xxh128', $id);
    }

    /** @param array<string, list<array{Area, Variant}>> $copies by id of the area they are variants of */
    private static function unfolded(Plan $plan, array $copies): Plan
    {
        $also = array_map(static fn(array $of): array => array_map(static fn(array $one): string => $one[0]->id, $of), $copies);
        $areas = $parts = [];
        foreach ($plan->areas as $area) {
            foreach ([[$area, null], ...$copies[$area->id] ?? []] as [$one, $variant]) {
                $areas[] = $one->relatedAlsoTo($also);
                if ($variant?->undercoat !== null) {
                    $parts[] = new Part($one->id, $one->name, $variant->undercoat);
                }
            }
        }

        return $plan->running(new Running)
            ->withParts([...$plan->parts, ...$parts], $areas, $plan->wholeModel)
            ->running($plan->running->inOrder(self::ordered($plan->running->order, $plan, $copies)));
    }

    /**
     * A step of a variant stands right after the step of the recipe in the same place, whatever is longer after the last.
     *
     * @param list<string> $order
     * @param array<string, list<array{Area, Variant}>> $copies
     *
     * @return list<string>
     */
    private static function ordered(array $order, Plan $plan, array $copies): array
    {
        $after = [];
        foreach ($copies as $areaId => $of) {
            $recipe = $plan->area((string) $areaId)->steps ?? [];
            foreach ($of as [$copy]) {
                foreach ($copy->steps as $at => $step) {
                    $beside = $recipe[min($at, count($recipe) - 1)] ?? null;
                    if ($beside !== null) {
                        $after[$beside->id][] = $step->id;
                    }
                }
            }
        }
        $ordered = [];
        foreach ($order as $id) {
            array_push($ordered, $id, ...$after[$id] ?? []);
        }

        return $ordered;
    }
}
