<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Variant;

/** A recipe put aside for an area, to be tried: another one, or the one it has. */
final readonly class AddVariant implements Edit
{
    /** @param list<Step>|null $steps null: the recipe it has */
    public function __construct(
        private string $areaId,
        private string $id,
        private string $name,
        private ?array $steps = null,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');
        if ($area->variant($this->id) !== null) {
            throw IllegalPlan::twice('id', 'variants');
        }
        if (count($area->variants) >= Variant::MOST) {
            throw IllegalPlan::at('area', sprintf('"%s" has %d variants already. Take one out first.', $area->name, Variant::MOST));
        }
        $steps = $this->steps ?? $area->steps;
        if ($steps === []) {
            throw IllegalPlan::at('steps', sprintf('"%s" has no recipe yet that could be put aside.', $area->name));
        }

        return $plan->withArea($area->withVariants([...$area->variants, new Variant($this->id, $this->name, false, '', '', $steps)]));
    }
}
