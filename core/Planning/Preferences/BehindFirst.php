<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** What can hardly be reached later is painted before what stands in the way. */
final class BehindFirst implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->plan->areas as $area) {
            $last = $tasks->last($area, static fn(Task $task): bool => $task->step->technique->needsRoom() && ! $task->does(Nature::Repairs));
            if ($last === null) {
                continue;
            }
            foreach ($area->behind as $id) {
                $blocker = $tasks->plan->area($id);
                // On a loose part it blocks the way only when that is glued on.
                $first = $blocker === null || $blocker->part !== $area->part ? null : $tasks->first($blocker, static fn(Task $task): bool => $task->step->technique->needsRoom());
                if ($blocker !== null && $first !== null) {
                    yield new Precedence($last, $first, "{$area->name} can hardly be reached once {$blocker->name} is painted");
                }
            }
        }
    }
}
