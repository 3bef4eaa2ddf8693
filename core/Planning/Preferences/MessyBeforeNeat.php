<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Craft\Family;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** What dusts, sprays or splashes is done before neat work beside it. */
final class MessyBeforeNeat implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->plan->areas as $area) {
            $messy = $area->ground ? null : $tasks->last($area, static fn(Task $task): bool => self::isMessy($task));
            if ($messy === null) {
                continue;
            }
            foreach ($tasks->neighbours->touching($area) as $beside) {
                $all = $tasks->on($beside);
                $neat = $all === [] || self::isMessy($all[count($all) - 1]) ? null : $tasks->last($beside, static fn(Task $task): bool => $task->step->technique->isNeat());
                if ($neat !== null) {
                    yield new Precedence($messy, $neat, "{$messy->step->technique->label} on {$area->name} is messy: neat work beside it comes after");
                }
            }
        }
    }

    private static function isMessy(Task $task): bool
    {
        return $task->step->technique->neatness === 0 && $task->step->technique->family !== Family::Varnish;
    }
}
