<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** A copy of a step right behind it, in the recipe and in the running order. */
final readonly class DuplicateStep implements Edit
{
    public function __construct(
        private string $stepId,
        private string $id,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $step = $plan->step($this->stepId);
        if ($step === null || $plan->isOfUndercoat($this->stepId)) {
            throw IllegalPlan::unknownStep('step');
        }
        if ($plan->step($this->id) !== null) {
            throw IllegalPlan::twice('id', 'steps');
        }

        return (new InsertStep($step->called($this->id), $plan->find($step->id)[0]->id ?? null, $step->id, false))->applyTo($plan);
    }
}
