<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Part;
use Kalokroma\Recipe\Plan;

/** A piece of the model that is kept loose. */
final readonly class AddPart implements Edit
{
    public function __construct(
        private string $id,
        private string $name,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        Plan::mustBeNamed('name', $this->name);

        return $plan->withParts([...$plan->parts, new Part($this->id, trim($this->name))], $plan->areas, $plan->wholeModel);
    }
}
