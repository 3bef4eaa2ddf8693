<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Silence;

/** The painter knows, and does not want to hear of it again; or wants to after all. */
final readonly class SilenceFinding implements Edit
{
    public function __construct(
        private Silence $silence,
        private bool $isSilent = true,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $others = array_values(array_filter(
            $plan->silenced,
            fn(Silence $one): bool => ! $one->isAbout($this->silence->rule, $this->silence->area, $this->silence->step),
        ));

        return $plan->silencing($this->isSilent ? [...$others, $this->silence] : $others);
    }
}
