<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;

/** Who there may be in a batch. */
final readonly class AddRole implements Edit
{
    public function __construct(
        private string $id,
        private string $name,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        Plan::mustBeNamed('name', $this->name);
        if (count($plan->roles) >= Role::MOST) {
            throw IllegalPlan::at('name', sprintf('A plan has at most %d roles. Take one out first.', Role::MOST));
        }

        $name = trim($this->name);
        foreach ($plan->roles as $role) {
            mb_strtolower($role->name) !== mb_strtolower($name)
                || throw IllegalPlan::at('name', sprintf('There is a role "%s" already. Give this one another name.', $role->name));
        }

        return $plan->withRoles([...$plan->roles, new Role($this->id, $name)], $plan->areas, $plan->wholeModel);
    }
}
