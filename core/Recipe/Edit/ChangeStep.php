<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** A step, of an area or of the whole model, done otherwise. */
final readonly class ChangeStep implements Edit
{
    public function __construct(private Step $changed) {}

    public function applyTo(Plan $plan): Plan
    {
        return $plan->step($this->changed->id) === null ? throw IllegalPlan::unknownStep('step') : $plan->withStep($this->changed);
    }
}
