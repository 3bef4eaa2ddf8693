<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Laws;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Hidden;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** A loose part is glued on when all is painted that it would hide, and what of it cannot be reached afterwards. */
final class GlueAfterWhatItHides implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->doing(Nature::Glues) as $glue) {
            foreach (Hidden::by($tasks, $glue->step->more->part) as $area) {
                $last = $tasks->last($area, static fn(Task $task): bool => $task->step->technique->needsRoom());
                if ($last !== null && $last !== $glue) {
                    yield new Precedence($last, $glue, "no brush gets to {$area->name} once the part is on");
                }
            }
        }
    }
}
