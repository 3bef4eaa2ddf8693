<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Mixing\Mix;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** The paint of a step. Its coats go with what the paint needs, unless somebody has set them otherwise. */
final readonly class PaintStep implements Edit
{
    public function __construct(
        private string $stepId,
        private ?Mix $mix,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $step = $plan->step($this->stepId) ?? throw IllegalPlan::unknownStep('step');
        if ($plan->find($step->id) === null) {
            return $plan->withStep($step->with($this->mix));
        }
        $needed = $plan->coatsNeeded($step->id);
        $follows = $step->mix === null ? $step->coats === $step->technique->usual->coats : $step->coats === $needed;
        $painted = $plan->withStep($step->with($this->mix));

        return $follows ? $painted->withNeededCoats($step->id) : $painted;
    }
}
