<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Craft\Technique;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** Another way to put the same paint on, begun as that is usually done. */
final readonly class SwapTechnique implements Edit
{
    public function __construct(
        private string $stepId,
        private Technique $technique,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        [$area, $step] = $plan->find($this->stepId) ?? throw IllegalPlan::unknownStep('step');
        $other = Step::usual($step->id, $this->technique, null, $step->mix, $step->note);

        return $plan->withArea($area->withStep($other))->withNeededCoats($step->id);
    }
}
