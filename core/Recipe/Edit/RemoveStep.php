<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** A step taken out, of an area or of the whole model. */
final readonly class RemoveStep implements Edit
{
    public function __construct(private string $stepId) {}

    public function applyTo(Plan $plan): Plan
    {
        $others = fn(Step $step): bool => $step->id !== $this->stepId;
        $found = $plan->find($this->stepId);
        if ($found !== null) {
            return $plan->withArea($found[0]->withSteps(array_values(array_filter($found[0]->steps, $others))));
        }
        if ($plan->step($this->stepId) === null || $plan->isOfUndercoat($this->stepId)) {
            throw IllegalPlan::unknownStep('step');
        }

        return $plan->withWholeModel(array_values(array_filter($plan->wholeModel, $others)));
    }
}
