<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Variant;

/** A variant that is not wanted any more. */
final readonly class RemoveVariant implements Edit
{
    public function __construct(
        private string $areaId,
        private string $variantId,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');
        $variant = $area->variant($this->variantId) ?? throw IllegalPlan::unknownVariant('variant');

        return $plan->withArea($area->withVariants(array_values(array_filter(
            $area->variants,
            static fn(Variant $one): bool => $one !== $variant,
        ))));
    }
}
