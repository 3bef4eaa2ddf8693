<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Variant;

/** The variant that won becomes the recipe; the recipe so far is put aside, unless it is among the variants already. */
final readonly class PromoteVariant implements Edit
{
    /** @param string $id of the variant that the recipe so far becomes, and what the ids of steps begin with that would clash */
    public function __construct(
        private string $areaId,
        private string $variantId,
        private string $id,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');
        $variant = $area->variant($this->variantId) ?? throw IllegalPlan::unknownVariant('variant');
        $isKept = $area->steps === [] || array_any($area->variants, static fn(Variant $one): bool => $one->isRecipeOf($area));
        $emptied = $plan->withArea($area->withSteps([]));
        $known = array_column($plan->areas, 'id');
        $ids = array_map(
            fn(Step $step, int $at): string => $emptied->step($step->id) === null ? $step->id : sprintf('%s-%d', $this->id, $at + 1),
            $variant->steps,
            array_keys($variant->steps),
        );
        $steps = [];
        foreach (Step::allCalled($variant->steps, $ids) as $step) {
            $steps[] = $step->told($step->more->lining(array_values(array_intersect($step->more->borders, $known)))->gluing(
                $plan->part($step->more->part ?? '') === null ? null : $step->more->part,
            ));
        }
        $variants = $isKept ? $area->variants : [...$area->variants, new Variant($this->id, 'as it was', false, '', '', $area->steps)];

        return $plan->withArea($area->withSteps($steps)->withVariants($variants));
    }
}
