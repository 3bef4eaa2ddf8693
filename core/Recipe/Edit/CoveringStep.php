<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Plan;

/** An edit, and after it a step in as many coats as it then needs. */
final readonly class CoveringStep implements Edit
{
    public function __construct(
        private Edit $edit,
        private string $stepId,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        return $this->edit->applyTo($plan)->withNeededCoats($this->stepId);
    }
}
