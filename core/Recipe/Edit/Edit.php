<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** A change that a plan can undergo: what follows from it is the craft's to say, not the form's. */
interface Edit
{
    /** @throws IllegalPlan when what it speaks of is not in the plan, or the plan would not stand afterwards */
    public function applyTo(Plan $plan): Plan;
}
