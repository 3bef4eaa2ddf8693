<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Nature;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Neighbours;
use Kalokroma\Recipe\Plan;

/** All steps of a plan that are to be put in order. The undercoat comes first and is none of them. */
final readonly class Tasks
{
    /**
     * @param array<string, Task> $all by step id, in the order of the plan
     * @param array<string, list<Task>> $byArea
     * @param list<Task> $whole
     */
    private function __construct(
        public Plan $plan,
        public Neighbours $neighbours,
        public array $all,
        private array $byArea,
        public array $whole,
    ) {}

    public static function of(Plan $plan): self
    {
        $all = $byArea = $whole = [];
        foreach ($plan->areas as $area) {
            $rank = 0;
            $byArea[$area->id] = [];
            foreach ($area->steps as $number => $step) {
                $rank = max($rank, $step->technique->rank);
                $byArea[$area->id][] = $all[$step->id] = new Task($step, $area, $number, $rank);
            }
        }
        foreach ($plan->wholeModel as $number => $step) {
            $whole[] = $all[$step->id] = new Task($step, null, $number, $step->technique->rank);
        }

        return new self($plan, Neighbours::of($plan), $all, $byArea, $whole);
    }

    /** @return list<Task> in the order of the recipe */
    public function on(Area $area): array
    {
        return $this->byArea[$area->id] ?? [];
    }

    /** @return list<Task> that do any of these, wherever they are */
    public function doing(Nature ...$any): array
    {
        return array_values(array_filter($this->all, static fn(Task $task): bool => $task->does(...$any)));
    }

    /**
     * The first of an area's tasks that is such, if there is one.
     *
     * @param callable(Task): bool $such
     */
    public function first(Area $area, callable $such): ?Task
    {
        return array_find($this->on($area), $such);
    }

    /** @param callable(Task): bool $such */
    public function last(Area $area, callable $such): ?Task
    {
        return array_find(array_reverse($this->on($area)), $such);
    }
}
