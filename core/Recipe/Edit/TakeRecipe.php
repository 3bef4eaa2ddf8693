<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\SharedSteps;
use Kalokroma\Recipe\Step;

/** A shared recipe for an area, in place of the one it has. */
final readonly class TakeRecipe implements Edit
{
    /**
     * @param list<Step> $steps of the recipe
     * @param string $newId what the ids of its steps begin with
     */
    public function __construct(
        private string $areaId,
        private string $recipeId,
        private array $steps,
        private string $newId,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');

        return $plan->withArea($area->withSteps(SharedSteps::copied($this->steps, $this->newId))->sharing($this->recipeId));
    }
}
