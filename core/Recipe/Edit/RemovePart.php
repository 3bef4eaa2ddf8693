<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Part;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** A piece that is not kept loose after all; what was on it is on the body. */
final readonly class RemovePart implements Edit
{
    public function __construct(
        private string $partId,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        if ($plan->part($this->partId) === null) {
            throw IllegalPlan::unknownPart('part');
        }

        return $plan->withParts(
            array_values(array_filter($plan->parts, fn(Part $one): bool => $one->id !== $this->partId)),
            array_map(fn(Area $area): Area => $area->withoutPart($this->partId), $plan->areas),
            array_map(fn(Step $step): Step => $step->withoutPart($this->partId), $plan->wholeModel),
        );
    }
}
