<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Edit;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/**
 * A step run before or after another one. In one recipe the recipe changes; between recipes the running order does, and what it would pass of its
 * own recipe comes along.
 */
final readonly class MoveStep implements Edit
{
    /** @param list<string> $order ids of all steps as they run now */
    public function __construct(
        private string $stepId,
        private string $otherId,
        private bool $before,
        private array $order,
    ) {}

    public function applyTo(Plan $plan): Plan
    {
        if ($plan->step($this->stepId) === null || $plan->step($this->otherId) === null || $this->stepId === $this->otherId) {
            throw IllegalPlan::unknownStep('step');
        }
        $area = $plan->find($this->stepId)[0] ?? null;
        $isOwn = $area !== null && $area->step($this->otherId) !== null;
        $ids = $isOwn ? [$this->stepId] : $this->along($area === null ? $plan->wholeModel : $area->steps, $area !== null);
        $running = $isOwn && $plan->running->order === []
            ? $plan->running
            : $plan->running->inOrder(self::moved($isOwn ? $plan->running->order : $this->order, $ids, $this->otherId, $this->before));

        return $isOwn ? $plan->withArea($this->turned($area), $running) : $plan->running($running);
    }

    private function turned(Area $area): Area
    {
        $byId = array_column($area->steps, null, 'id');
        $ids = self::moved(array_map(strval(...), array_keys($byId)), [$this->stepId], $this->otherId, $this->before);

        return $area->withSteps(array_map(static fn(string $id): Step => $byId[$id], $ids));
    }

    /**
     * @param list<Step> $recipe
     *
     * @return list<string> ids of what moves, in their sequence
     */
    private function along(array $recipe, bool $keepsSequence): array
    {
        if (! $keepsSequence) {
            return [$this->stepId];
        }
        $target = (int) array_search($this->otherId, $this->order, true);
        $along = [];
        $isPast = false;
        foreach ($recipe as $step) {
            $place = (int) array_search($step->id, $this->order, true);
            $isOwn = $step->id === $this->stepId;
            $isPast = $isPast || $isOwn;
            if ($isOwn || ($isPast ? $place < $target : $place > $target)) {
                $along[] = $step->id;
            }
        }

        return $along;
    }

    /**
     * @param list<string> $list
     * @param list<string> $ids
     *
     * @return list<string>
     */
    private static function moved(array $list, array $ids, string $other, bool $before): array
    {
        $rest = array_values(array_diff($list, $ids));
        $at = array_search($other, $rest, true);
        if ($at === false) {
            return $list;
        }
        array_splice($rest, $at + ($before ? 0 : 1), 0, array_values(array_intersect($ids, $list)));

        return $rest;
    }
}
