<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** Another recipe for an area, in place of the one it has. */
final readonly class RepaintArea implements Edit
{
    /** @param list<Step> $steps */
    public function __construct(
        private string $areaId,
        private array $steps,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');

        return $plan->withArea($area->withSteps($this->steps));
    }
}
