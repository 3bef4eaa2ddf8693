<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;
use Kalokroma\Recipe\SharedSteps;
use Kalokroma\Recipe\Step;

/**
 * Steps copied from another area, of this plan or of another: behind one of an area's steps, behind all, or in place of them. What only
 * makes sense where they come from stays behind.
 */
final readonly class PutSteps implements Edit
{
    /**
     * @param list<Step> $steps
     * @param string $newId what the ids of the copies begin with
     * @param string|null $after id of the step they go behind; null: behind all
     * @param bool $instead in place of the recipe the area has
     */
    public function __construct(
        private string $areaId,
        private array $steps,
        private string $newId,
        private ?string $after = null,
        private bool $instead = false,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');
        $copies = array_map(static fn(Step $step): Step => self::forRolesOf($plan, $step), SharedSteps::copied($this->steps, $this->newId));
        foreach ($copies as $copy) {
            if ($plan->step($copy->id) !== null) {
                throw IllegalPlan::twice('id', 'steps');
            }
        }
        $steps = $this->instead ? [] : $area->steps;
        array_splice($steps, $this->place($steps), 0, $copies);

        return $plan->withArea($area->withSteps($steps));
    }

    /** @param list<Step> $steps */
    private function place(array $steps): int
    {
        if ($this->after === null || $this->instead) {
            return count($steps);
        }
        $at = array_search($this->after, array_column($steps, 'id'), true);

        return $at === false ? throw IllegalPlan::unknownStep('after') : $at + 1;
    }

    /** A role that this plan does not have is nobody's here. */
    private static function forRolesOf(Plan $plan, Step $step): Step
    {
        $known = array_column($plan->roles, 'id');
        foreach (array_diff($step->more->roles, $known) as $role) {
            $step = $step->withoutRole($role);
        }

        return $step;
    }
}
