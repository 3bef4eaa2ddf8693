<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** All areas that have a variant of this name are painted so; what they had is put aside, as one way too. */
final readonly class PromoteWay implements Edit
{
    /** @param string $id what the ids of what is put aside begin with */
    public function __construct(
        private string $name,
        private string $id,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $number = 0;
        foreach ($plan->areas as $area) {
            $variant = $area->variantCalled($this->name);
            if ($variant !== null && ! $variant->isRecipeOf($area)) {
                $plan = (new PromoteVariant($area->id, $variant->id, sprintf('%s-%d', $this->id, ++$number)))->applyTo($plan);
            }
        }

        return $number > 0 ? $plan : throw IllegalPlan::at('name', sprintf('No area has a variant "%s" that it is not painted by already.', $this->name));
    }
}
