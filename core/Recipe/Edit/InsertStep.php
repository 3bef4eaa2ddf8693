<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** A new step before or after another one: in the recipe of an area, or on the whole model. */
final readonly class InsertStep implements Edit
{
    /**
     * @param string|null $areaId null: on the whole model
     * @param string $beside id of the step it goes next to
     * @param list<string> $order ids of all steps as they run now; needed where it goes next to a step of another recipe
     */
    public function __construct(
        private Step $step,
        private ?string $areaId,
        private string $beside,
        private bool $before,
        private array $order = [],
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        $area = $this->areaId === null ? null : $plan->area($this->areaId) ?? throw IllegalPlan::unknownArea('area');
        $steps = $area === null ? $plan->wholeModel : $area->steps;
        $ids = array_column($steps, 'id');
        $at = array_search($this->beside, $ids, true);
        $isOwn = $at !== false;
        $at = $at === false ? $this->placeIn($ids) : $at + ($this->before ? 0 : 1);
        array_splice($steps, $at, 0, [$this->step]);
        $order = $plan->running->order === [] && $isOwn ? [] : ($plan->running->order === [] || ! $isOwn ? $this->order : $plan->running->order);
        $running = $plan->running->inOrder($this->into($order));

        return $area === null ? $plan->withWholeModel($steps, $running) : $plan->withArea($area->withSteps($steps), $running);
    }

    /**
     * Its place in its own recipe, where it goes next to a step of another: behind what runs before that.
     *
     * @param list<string> $ids
     */
    private function placeIn(array $ids): int
    {
        $at = 0;
        $target = array_search($this->beside, $this->order, true);
        foreach ($ids as $i => $id) {
            $place = array_search($id, $this->order, true);
            if ($target !== false && $place !== false && $place < $target) {
                $at = $i + 1;
            }
        }

        return $at;
    }

    /**
     * @param list<string> $order
     *
     * @return list<string>
     */
    private function into(array $order): array
    {
        $at = array_search($this->beside, $order, true);
        if ($at === false) {
            return $order;
        }
        array_splice($order, $at + ($this->before ? 0 : 1), 0, [$this->step->id]);

        return $order;
    }
}
