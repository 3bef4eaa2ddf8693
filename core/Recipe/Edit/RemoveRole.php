<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;
use Kalokroma\Recipe\Step;

/** A role that is there no more. What was only its own is everybody's. */
final readonly class RemoveRole implements Edit
{
    public function __construct(private string $roleId) {}

    public function applyTo(Plan $plan): Plan
    {
        $role = $plan->role($this->roleId) ?? throw IllegalPlan::noSuch('role', 'role', $this->roleId);

        return $plan->withRoles(
            array_values(array_filter($plan->roles, static fn(Role $one): bool => $one !== $role)),
            array_map(static fn(Area $area): Area => $area->withoutRole($role->id), $plan->areas),
            array_map(static fn(Step $step): Step => $step->withoutRole($role->id), $plan->wholeModel),
        );
    }
}
