<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** An area taken out with its steps, and out of whatever the others say of it. */
final readonly class RemoveArea implements Edit
{
    public function __construct(
        private string $areaId,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        if ($plan->area($this->areaId) === null) {
            throw IllegalPlan::unknownArea('area');
        }
        $plan = $plan->withWholeModel(array_map(
            fn(Step $step): Step => $step->told($step->more->lining(array_values(array_diff($step->more->borders, [$this->areaId])))),
            $plan->wholeModel,
        ));
        $others = array_values(array_filter($plan->areas, fn(Area $area): bool => $area->id !== $this->areaId));

        return $plan->withAreas(array_map(fn(Area $area): Area => $area->without($this->areaId), $others));
    }
}
