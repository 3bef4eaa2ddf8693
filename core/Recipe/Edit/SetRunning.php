<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Running;

/** The running order, its locks and stops, said anew. */
final readonly class SetRunning implements Edit
{
    public function __construct(private Running $running) {}

    public function applyTo(Plan $plan): Plan
    {
        return $plan->running($this->running);
    }
}
