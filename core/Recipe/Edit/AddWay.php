<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** The recipes of several areas put aside under one name: together they are a way to paint the model. */
final readonly class AddWay implements Edit
{
    /**
     * @param list<string> $areaIds
     * @param string $id what the ids of the variants begin with
     */
    public function __construct(
        private string $name,
        private array $areaIds,
        private string $id,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        if ($this->areaIds === []) {
            throw IllegalPlan::at('areas', 'Choose the areas that are painted this way.');
        }
        foreach (array_values(array_unique($this->areaIds)) as $at => $areaId) {
            if ($plan->area($areaId)?->variantCalled($this->name) !== null) {
                throw IllegalPlan::at('name', sprintf('"%s" has a variant "%s" already. Take another name.', $plan->area($areaId)->name, $this->name));
            }
            $plan = (new AddVariant($areaId, sprintf('%s-%d', $this->id, $at + 1), $this->name))->applyTo($plan);
        }

        return $plan;
    }
}
