<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** The area goes its own way: its recipe stays, and is shared with nobody any more. */
final readonly class CutLoose implements Edit
{
    public function __construct(private string $areaId) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');

        return $plan->withArea($area->sharing(null));
    }
}
