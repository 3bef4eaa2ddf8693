<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Undercoat;

/** Another undercoat for the whole model. */
final readonly class SetGround implements Edit
{
    public function __construct(private Undercoat $undercoat) {}

    public function applyTo(Plan $plan): Plan
    {
        return $plan->over($this->undercoat);
    }
}
