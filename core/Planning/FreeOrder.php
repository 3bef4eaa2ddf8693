<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\Plan;

/** The running order left to the laws and preferences again, all but what is locked. */
final readonly class FreeOrder implements Edit
{
    public function applyTo(Plan $plan): Plan
    {
        return $plan->running($plan->running->inOrder(array_values(array_intersect($plan->running->order, $plan->running->locked))));
    }
}
