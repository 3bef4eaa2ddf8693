<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Stop;

/** A point at which the model may rest, set, moved or taken away. */
final readonly class SetStop implements Edit
{
    /** @param string|null $after id of a step; null takes it away */
    public function __construct(
        private string $name,
        private ?string $after,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        Plan::mustBeNamed('name', $this->name);
        $others = array_values(array_filter($plan->running->stops, fn(Stop $stop): bool => $stop->name !== $this->name));

        return $plan->running($plan->running->stopping($this->after === null ? $others : [...$others, new Stop($this->name, $this->after)]));
    }
}
