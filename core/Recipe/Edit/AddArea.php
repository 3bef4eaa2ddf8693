<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;

/** A new area behind the others, of the texture, stuff and share that its name suggests. */
final readonly class AddArea implements Edit
{
    public function __construct(
        private string $id,
        private string $name,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        return $plan->withAreas([...$plan->areas, Area::guessed($this->id, $this->name)]);
    }
}
