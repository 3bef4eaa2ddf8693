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

        return $plan->withRoles([...$plan->roles, new Role($this->id, trim($this->name))], $plan->areas, $plan->wholeModel);
    }
}
