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
        $step = $plan->step($this->stepId) ?? throw IllegalPlan::unknownStep('step');
        $other = Step::usual(
            $step->id,
            $this->technique,
            null,
            $this->technique->takes->acceptsAll($step->mix?->kinds() ?? []) ? $step->mix : null,
            $step->note,
            $step->more->asTechniqueWants(),
        );
        $changed = $plan->withStep($other);

        return $plan->find($step->id) === null ? $changed : $changed->withNeededCoats($step->id);
    }
}
