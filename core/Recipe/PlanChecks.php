<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** What must hold between the pieces of a plan: everything named is there, once, and the order goes with the recipes. */
final class PlanChecks
{
    /** @var array<string, true> ids of areas */
    private array $areas = [];

    /** @var array<string, true> ids of steps that can be put in order */
    private array $steps = [];

    public function __construct(private readonly Plan $plan) {}

    /** @throws IllegalPlan */
    public function check(): void
    {
        $this->gather();
        $this->checkRoles();
        foreach ($this->plan->areas as $i => $area) {
            $this->mustKnow("areas.$i.behind", $area->behind);
            $area->part === null || $this->plan->part($area->part) !== null || throw IllegalPlan::unknownPart("areas.$i.part");
            $this->checkSteps("areas.$i.steps", $area->steps);
        }
        $this->checkSteps('wholeModel', $this->plan->wholeModel);
        $this->checkOrder();
    }

    private function gather(): void
    {
        foreach ($this->plan->areas as $area) {
            $this->areas[$area->id] = true;
            foreach ($area->steps as $step) {
                $this->steps[$step->id] = true;
            }
        }
        foreach ($this->plan->wholeModel as $step) {
            isset($this->steps[$step->id]) && throw IllegalPlan::twice('wholeModel', 'steps');
            $this->steps[$step->id] = true;
        }
        foreach ($this->plan->parts as $i => $part) {
            $this->plan->part($part->id) === $part || throw IllegalPlan::twice("parts.$i.id", 'parts');
        }
    }

    /** @param list<Step> $steps */
    private function checkSteps(string $field, array $steps): void
    {
        foreach ($steps as $i => $step) {
            $this->mustKnow("$field.$i.borders", $step->more->borders);
            $this->mustHaveRoles("$field.$i.roles", $step->more->roles);
            $this->checkWithin("$field.$i.within", $step, $steps);
            $step->more->part === null || $this->plan->part($step->more->part) !== null || throw IllegalPlan::unknownPart("$field.$i.part");
        }
    }

    /**
     * @param list<Step> $steps of the same recipe
     *
     * @throws IllegalPlan
     */
    private function checkWithin(string $field, Step $step, array $steps): void
    {
        if ($step->more->within === null) {
            return;
        }
        foreach ($steps as $other) {
            if ($other->id === $step->more->within && $other !== $step) {
                return;
            }
        }

        throw IllegalPlan::notWithin($field);
    }

    private function checkRoles(): void
    {
        foreach ($this->plan->roles as $i => $role) {
            $this->plan->role($role->id) === $role || throw IllegalPlan::twice("roles.$i.id", 'roles');
        }
        foreach ($this->plan->areas as $i => $area) {
            $this->mustHaveRoles("areas.$i.roles", $area->roles);
            foreach ($area->variants as $at => $variant) {
                $this->mustHaveRoles("areas.$i.variants.$at.roles", $variant->roles);
            }
        }
    }

    /** @param list<string> $roles */
    private function mustHaveRoles(string $field, array $roles): void
    {
        foreach ($roles as $id) {
            $this->plan->role($id) !== null || throw IllegalPlan::noSuch($field, 'role', $id);
        }
    }

    /** @param list<string> $areas */
    private function mustKnow(string $field, array $areas): void
    {
        foreach ($areas as $id) {
            isset($this->areas[$id]) || throw IllegalPlan::unknownArea($field);
        }
    }

    private function checkOrder(): void
    {
        $running = $this->plan->running;
        $at = [];
        foreach ($running->order as $i => $id) {
            isset($this->steps[$id]) || throw IllegalPlan::noSuch("order.$i", 'step', $id);
            isset($at[$id]) && throw IllegalPlan::listedTwice("order.$i", $id);
            $at[$id] = $i;
        }
        foreach ($running->locked as $i => $id) {
            isset($this->steps[$id]) || throw IllegalPlan::noSuch("locked.$i", 'step', $id);
        }
        foreach ($running->stops as $i => $stop) {
            isset($this->steps[$stop->after])
                || $this->plan->isOfUndercoat($stop->after)
                || throw IllegalPlan::noSuch("stops.$i.after", 'step', $stop->after);
        }
        foreach ($this->plan->areas as $area) {
            $this->checkSequence($area, $at, array_flip($running->locked));
        }
    }

    /**
     * A lock that stands against a recipe is not refused: it is told, with the way out.
     *
     * @param array<string, int> $at places in the order by step id
     * @param array<string, int> $locked
     */
    private function checkSequence(Area $area, array $at, array $locked): void
    {
        $last = null;
        foreach ($area->steps as $step) {
            if (! isset($at[$step->id])) {
                continue;
            }
            if ($last !== null && $at[$step->id] < $at[$last->id] && ! isset($locked[$step->id]) && ! isset($locked[$last->id])) {
                throw IllegalPlan::outOfRecipe("order.{$at[$step->id]}", $area->name, $last, $step);
            }
            $last = $step;
        }
    }
}
