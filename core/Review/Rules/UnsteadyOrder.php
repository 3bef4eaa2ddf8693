<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Recipe\Edit\SetRunning;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Locks and order that cannot all hold. */
final class UnsteadyOrder extends Rule
{
    public function check(Scene $scene): iterable
    {
        $running = $scene->plan->running;
        $lost = array_values(array_diff($running->locked, $running->order));
        if ($lost !== []) {
            $step = $scene->plan->step($lost[0]);
            yield $this->finding(
                $scene,
                $lost[0],
                sprintf('"%s" is locked, but the order does not say where it stands.', $step->technique->label ?? $lost[0]),
                [$lost[0]],
            );
        }
        foreach ($scene->order()->clashes as $clash) {
            $locked = array_values(array_filter($clash->tasks(), static fn(Task $task): bool => in_array($task->id(), $running->locked, true)));
            $isGluing = $clash->wanted->then->does(Nature::Glues);
            if ($locked === [] && $isGluing) {
                continue;
            }
            $circle = implode(' → ', array_map(static fn(Precedence $one): string => '"'.$one->first->step->technique->label.'"', $clash->circle));
            $ids = array_map(
                static fn(Task $task): string => $task->id(),
                $locked === [] ? [$clash->wanted->then] : [$this->cheapest($scene, $locked)],
            );
            yield $this->finding(
                $scene,
                $clash->wanted->then->id(),
                sprintf('These stand before each other in a circle: %s. %s.', $circle, ucfirst($clash->wanted->reason)),
                $ids,
            );

            return;
        }
    }

    /**
     * The one that is bound by least, so that least moves when it is free.
     *
     * @param non-empty-list<Task> $locked
     */
    private function cheapest(Scene $scene, array $locked): Task
    {
        usort(
            $locked,
            static fn(Task $one, Task $other): int => [$one->area?->size->share() ?? 1.0, $one->id()]
                <=> [$other->area?->size->share() ?? 1.0, $other->id()],
        );

        return $locked[0];
    }

    /** @param list<string> $free ids of steps */
    private function finding(Scene $scene, string $step, string $why, array $free): Finding
    {
        $running = $scene->plan->running;
        $names = implode(', ', array_map(static fn(string $id): string => '"'.($scene->plan->step($id)->technique->label ?? $id).'"', $free));
        $freed = $running->locking(array_values(array_diff($running->locked, $free)))->inOrder(array_values(array_diff($running->order, $free)));

        return $this->found(
            Severity::StopsTheJob,
            $scene->plan->find($step)[0]->id ?? null,
            $step,
            'The order and its locks cannot all hold.',
            $why,
            'A lock is for what has been done already, or for a habit one knows the reason of.',
            [new Mend("Free $names", new SetRunning($freed))],
        );
    }
}
