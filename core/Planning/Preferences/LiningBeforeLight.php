<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** A slip of the dark line is covered by the highlight beside it. */
final class LiningBeforeLight implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->all as $lining) {
            foreach ($lining->step->more->borders as $id) {
                $beside = $tasks->plan->area($id);
                $first = $beside === null ? null : $tasks->first($beside, static fn(Task $task): bool => $task->does(Nature::Lightens));
                if ($beside !== null && $first !== null) {
                    yield new Precedence($lining, $first, "slips of the line are covered by the lights of {$beside->name}");
                }
            }
        }
    }
}
