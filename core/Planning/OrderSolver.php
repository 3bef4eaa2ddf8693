<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\OrderStyle;
use Kalokroma\Recipe\AreaRelations;

/**
 * Puts tasks in order: a graph of what comes before what, in which the weaker gives way to the stronger, and through it the way on which of all
 * that could come next the one does that keeps the pot and the brush in hand and leaves what is wet alone.
 */
final class OrderSolver
{
    /** From here on the model as a whole is dealt with, whichever way one goes through its areas. */
    private const FINISHING = 70;

    private const MOST_REASONS = 4;

    private Precedences $graph;

    /** @var list<Clash> */
    private array $clashes = [];

    /** @var array<string, int> how many areas lie over each area, by id */
    private array $depths = [];

    /** @var array<string, int> where each area stands in the plan */
    private array $positions = [];

    /** @param list<string> $order ids of steps, as the painter runs them */
    public function __construct(
        private readonly Tasks $tasks,
        private readonly OrderStyle $style,
        array $order,
    ) {
        $this->graph = new Precedences($tasks->all);
        $relations = new AreaRelations($tasks->plan->areas);
        foreach ($tasks->plan->areas as $position => $area) {
            $this->depths[$area->id] = $relations->depth($area);
            $this->positions[$area->id] = $position;
        }
        $this->hold(Laws::sequence(), true);
        $this->holdOwn($order);
        foreach (Laws::hard() as $law) {
            $this->hold($law, true);
        }
        foreach (Laws::preferences() as $preference) {
            $this->hold($preference, false);
        }
    }

    /** @return list<Clash> */
    public function clashes(): array
    {
        return $this->clashes;
    }

    /** @return list<array{task: Task, reasons: list<string>}> */
    public function solve(): array
    {
        $waiting = $ready = $solved = [];
        foreach ($this->tasks->all as $id => $task) {
            $waiting[$id] = count($this->graph->before((string) $id));
            if ($waiting[$id] === 0) {
                $ready[$id] = $task;
            }
        }
        for ($last = null; $ready !== []; $last = $next) {
            $next = $this->choose($ready, $last);
            unset($ready[$next->id()]);
            $solved[] = ['task' => $next, 'reasons' => $this->reasons($next)];
            foreach ($this->graph->after($next->id()) as $id => $precedence) {
                if (--$waiting[$id] === 0) {
                    $ready[$id] = $precedence->then;
                }
            }
        }

        return $solved;
    }

    /** @param non-empty-array<string, Task> $ready */
    private function choose(array $ready, ?Task $last): Task
    {
        $best = $ready[array_key_first($ready)];
        $bestKey = $this->key($best, $last);
        foreach ($ready as $task) {
            $key = $this->key($task, $last);
            if ($key < $bestKey) {
                [$best, $bestKey] = [$task, $key];
            }
        }

        return $best;
    }

    /** @return list<int> the least comes next */
    private function key(Task $task, ?Task $last): array
    {
        $area = $task->area;
        $position = $area === null ? -1 : $this->positions[$area->id];
        $depth = $area === null ? 0 : -$this->depths[$area->id];
        $stage = $area?->ground === true && $this->style === OrderStyle::BasesFirst && $task->rank < self::FINISHING
            ? $task->rank + 1
            : $task->rank;
        $hand = [
            $last !== null && Likeness::joins($last->step, $task->step) ? 0 : 1,
            $last !== null && Likeness::samePot($last->step, $task->step) ? 0 : 1,
            // What was just painted is wet: another area fills the wait.
            $last !== null && $area !== null && $last->area === $area ? 1 : 0,
        ];

        // Grit goes into the paste while that is wet, and a coat over chipping fluid is scratched within the hour.
        $isInto = $last !== null
            && $area !== null
            && $last->area === $area
            && $task->number === $last->number + 1
            && DryTimes::isWetWindow($last->step, $task->step)
            ? 0
            : 1;

        return $this->style === OrderStyle::BasesFirst
            ? [$isInto, $stage, ...$hand, $depth, $position, $task->number]
            : [$isInto, max(self::FINISHING, $task->rank), $area?->ground === true ? 1 : 0, $depth, $position, $task->number];
    }

    /** @return list<string> */
    private function reasons(Task $task): array
    {
        $reasons = array_column($this->graph->before($task->id()), 'reason');

        return array_slice(array_values(array_unique($reasons)), 0, self::MOST_REASONS);
    }

    /** @param list<string> $order */
    private function holdOwn(array $order): void
    {
        $last = null;
        foreach ($order as $id) {
            $task = $this->tasks->all[$id] ?? null;
            if ($task === null) {
                continue;
            }
            if ($last !== null) {
                $own = new Precedence($last, $task, 'your own order');
                $this->graph->add($own) || $this->clash($own, true);
            }
            $last = $task;
        }
    }

    private function hold(Law $law, bool $isHard): void
    {
        foreach ($law->among($this->tasks) as $precedence) {
            $this->graph->add($precedence) || $this->clash($precedence, $isHard);
        }
    }

    private function clash(Precedence $wanted, bool $isHard): void
    {
        if ($isHard && $wanted->first !== $wanted->then) {
            $this->clashes[] = new Clash($wanted, [$wanted, ...$this->graph->path($wanted->then->id(), $wanted->first->id())]);
        }
    }
}
