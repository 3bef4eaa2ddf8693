<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** A wash dulls its neighbours, so they are put right after it. */
final class WashesBeforeRepairs implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->doing(Nature::Repairs) as $repair) {
            foreach ($repair->area === null ? [] : $tasks->neighbours->touching($repair->area) as $beside) {
                $last = $tasks->last($beside, static fn(Task $task): bool => $task->does(Nature::Washes) && $task->step->place === Place::Everywhere);
                if ($last !== null) {
                    yield new Precedence($last, $repair, "the wash on {$beside->name} dulls what it touches");
                }
            }
        }
    }
}
