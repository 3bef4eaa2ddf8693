<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** An area before another in the list, or last: how the painter thinks of the model, not the order of work. */
final readonly class MoveArea implements Edit
{
    public function __construct(
        private string $areaId,
        private ?string $beforeId,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');
        $others = array_values(array_filter($plan->areas, static fn(Area $one): bool => $one !== $area));
        $before = $this->beforeId === null ? null : $plan->area($this->beforeId) ?? throw IllegalPlan::unknownArea('before');
        if ($before === $area) {
            return $plan;
        }
        $at = array_search($before, $others, true);
        array_splice($others, $at === false ? count($others) : $at, 0, [$area]);

        return $plan->withAreas($others);
    }
}
