<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** An area told otherwise, steps included. */
final readonly class ChangeArea implements Edit
{
    public function __construct(private Area $changed) {}

    public function applyTo(Plan $plan): Plan
    {
        return $plan->area($this->changed->id) === null ? throw IllegalPlan::unknownArea('area') : $plan->withArea($this->changed);
    }
}
