<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** A copy of an area right behind it, with copies of all its steps. */
final readonly class DuplicateArea implements Edit
{
    public function __construct(
        private string $areaId,
        private string $id,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');
        $steps = Step::allCalled($area->steps, array_map(fn(int $at): string => sprintf('%s-%d', $this->id, $at + 1), array_keys($area->steps)));
        $copy = $area->copied($this->id, mb_substr("$area->name (copy)", 0, Plan::LONGEST_NAME), $steps);
        $areas = $plan->areas;
        array_splice($areas, (int) array_search($area, $areas, true) + 1, 0, [$copy]);

        return $plan->withAreas($areas);
    }
}
