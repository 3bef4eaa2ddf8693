<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** The recipe an area has is shared from now on. */
final readonly class ShareArea implements Edit
{
    public function __construct(
        private string $areaId,
        private string $recipeId,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');

        return $plan->withArea($area->sharing($this->recipeId));
    }
}
