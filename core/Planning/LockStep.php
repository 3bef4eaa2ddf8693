<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** A step held where it runs now, or let go. */
final readonly class LockStep implements Edit
{
    public function __construct(
        private string $stepId,
        private bool $isLocked,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        if ($plan->step($this->stepId) === null || $plan->isOfUndercoat($this->stepId)) {
            throw IllegalPlan::unknownStep('step');
        }
        $others = array_values(array_diff($plan->running->locked, [$this->stepId]));

        return $plan->running($this->isLocked
            ? $plan->running->inOrder(Order::of($plan)->stepIds())->locking([...$others, $this->stepId])
            : $plan->running->locking($others));
    }
}
