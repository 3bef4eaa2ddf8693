<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Craft\Technique;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** Something done to the whole model, begun as it is usually done. */
final readonly class AddWholeStep implements Edit
{
    public function __construct(
        private string $id,
        private Technique $technique,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        return $plan->withWholeModel([...$plan->wholeModel, Step::usual($this->id, $this->technique)]);
    }
}
