<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\Nature;
use Kalokroma\Craft\OrderStyle;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Stop;

/**
 * All steps of a plan in the order they are painted: what the painter has put in order stays so, and the rest goes where laws and preferences
 * want it.
 */
final readonly class Order
{
    /**
     * @param list<Pass> $passes numbered from 1
     * @param list<Clash> $clashes what could not hold because of the painter's order
     * @param array<string, int> $places index of each pass by step id
     */
    private function __construct(
        public array $passes,
        public array $clashes,
        private array $places,
    ) {}

    /** @param OrderStyle|null $style another way through than the plan's own, which also leaves the painter's order aside */
    public static function of(Plan $plan, ?OrderStyle $style = null): self
    {
        $solver = new OrderSolver(Tasks::of($plan), $style ?? $plan->way->order, $style === null ? $plan->running->order : []);
        $passes = [];
        foreach ($plan->undercoats() as $partId => $undercoat) {
            foreach ($undercoat->steps() as $step) {
                $passes[] = new Pass(
                    count($passes) + 1,
                    null,
                    $step,
                    ['paint holds only on primer'],
                    isUndercoat: true,
                    only: $plan->primedBy($step->id),
                    part: $plan->part($partId)?->name,
                );
            }
        }
        $last = null;
        foreach ($solver->solve() as ['task' => $task, 'reasons' => $reasons]) {
            $joins = $last !== null && Likeness::joins($last, $task->step);
            $passes[] = new Pass(
                count($passes) + 1,
                $task->area,
                $task->step,
                $joins ? [...$reasons, 'the same pot is open'] : $reasons,
                joinsLast: $joins,
            );
            $last = $task->step;
        }
        $places = [];
        foreach ($passes as $at => $pass) {
            $places[$pass->step->id] = $at;
        }

        return new self($passes, $solver->clashes(), $places);
    }

    /**
     * The same where these steps are not done.
     *
     * @param list<string> $stepIds
     */
    public function without(array $stepIds): self
    {
        $passes = array_values(array_filter($this->passes, static fn(Pass $pass): bool => ! in_array($pass->step->id, $stepIds, true)));

        return new self($passes, $this->clashes, array_flip(array_map(static fn(Pass $pass): string => $pass->step->id, $passes)));
    }

    /** Index among the passes; null when there is no such step. */
    public function place(string $stepId): ?int
    {
        return $this->places[$stepId] ?? null;
    }

    /** Whether something of one of these natures is done to the area, or for null to the whole model, after that step. */
    public function isDoneAfter(string $stepId, ?Area $area, Nature ...$natures): bool
    {
        return array_any(
            $this->passes,
            fn(Pass $one): bool => $one->area === $area
            && $one->step->technique->does(...$natures)
            && $this->place($one->step->id) > $this->place($stepId)
        );
    }

    public function pass(string $stepId): ?Pass
    {
        return isset($this->places[$stepId]) ? $this->passes[$this->places[$stepId]] : null;
    }

    /** @return list<string> ids of the steps that can be put in order, as they stand */
    public function stepIds(): array
    {
        return array_values(array_map(
            static fn(Pass $pass): string => $pass->step->id,
            array_filter($this->passes, static fn(Pass $pass): bool => ! $pass->isUndercoat),
        ));
    }

    /** Number of the pass after which the model may rest. */
    public function afterPass(Stop $stop): int
    {
        return $this->pass($stop->after)->number ?? 0;
    }
}
