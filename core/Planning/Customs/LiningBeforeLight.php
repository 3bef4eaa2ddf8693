<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Customs;

use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Planning\Custom;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** A slip of the dark line is covered by the lights on both sides of it. A line that borders on nothing is a mark of its own. */
final class LiningBeforeLight implements Custom
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->doing(Nature::LinesBorders) as $lining) {
            foreach ($lining->step->more->borders === []
                ? []
                : [$lining->area, ...array_map($tasks->plan->area(...), $lining->step->more->borders)] as $side) {
                $first = $side === null
                    ? null
                    : $tasks->first($side, static fn(Task $task): bool => $task->does(Nature::Lightens) && $task->step->place !== Place::Corners);
                if ($side !== null && $first !== null) {
                    yield new Precedence($lining, $first, "slips of the line are covered by the lights of {$side->name}");
                }
            }
        }
    }

    public function excuses(Precedence $broken, Tasks $tasks, Order $order): bool
    {
        return $order->isDoneAfter($broken->first->id(), $broken->then->area, Nature::TouchesUp);
    }
}
