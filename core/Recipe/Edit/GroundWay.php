<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Recipe\Variant;

/** A way to paint several areas stands on an undercoat of its own, or on that of the model again. */
final readonly class GroundWay implements Edit
{
    /** @param Undercoat|null $undercoat null: that of the model */
    public function __construct(
        private string $name,
        private ?Undercoat $undercoat,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $isKnown = false;
        foreach ($plan->areas as $area) {
            if ($area->variantCalled($this->name) === null) {
                continue;
            }
            $isKnown = true;
            $plan = $plan->withArea($area->withVariants(array_map(
                fn(Variant $one): Variant => $one->name === $this->name ? $one->over($this->undercoat) : $one,
                $area->variants,
            )));
        }

        return $isKnown ? $plan : throw IllegalPlan::at('name', sprintf('There is no way called "%s".', $this->name));
    }
}
