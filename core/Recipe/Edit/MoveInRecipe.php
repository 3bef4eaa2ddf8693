<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** A step before or after another one of the same recipe; the running order follows. */
final readonly class MoveInRecipe implements Edit
{
    public function __construct(
        private string $stepId,
        private string $otherId,
        private bool $before,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->find($this->stepId)[0] ?? null;
        if ($area === null || $area->step($this->otherId) === null) {
            throw IllegalPlan::unknownStep('other');
        }

        return (new MoveStep($this->stepId, $this->otherId, $this->before, []))->applyTo($plan);
    }
}
