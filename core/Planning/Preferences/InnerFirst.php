<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** Inner before outer is the easier way: what slips onto the outer area is covered by its own base. */
final class InnerFirst implements Law
{
    public function among(Tasks $tasks): iterable
    {
        $based = static fn(Task $task): bool => $task->step->technique->family === Family::Base || $task->does(Nature::Covers);
        foreach ($tasks->plan->areas as $inner) {
            $first = $tasks->first($inner, $based);
            if ($first === null) {
                continue;
            }
            foreach ($inner->liesUnder as $id) {
                $outer = $tasks->plan->area($id);
                $then = $outer === null ? null : $tasks->first($outer, $based);
                if ($outer !== null && $then !== null) {
                    yield new Precedence($first, $then, "{$inner->name} lies under {$outer->name}");
                }
            }
        }
    }
}
