<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Customs;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Custom;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** What can hardly be reached later is painted before what stands in the way. */
final class BehindFirst implements Custom
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->plan->areas as $area) {
            $last = $tasks->last($area, self::needsRoom(...));
            foreach ($last === null ? [] : $area->behind as $id) {
                $blocker = $tasks->plan->area($id);
                // On a loose part it blocks the way only when that is glued on, and then the gluing comes too early.
                $first = $blocker === null || $blocker->part !== $area->part
                    ? null
                    : $tasks->first($blocker, static fn(Task $task): bool => $task->step->technique->family->isBrushed());
                if ($last !== null && $blocker !== null && $first !== null) {
                    yield new Precedence($last, $first, "{$area->name} can hardly be reached once {$blocker->name} is painted");
                }
            }
        }
    }

    public function excuses(Precedence $broken, Tasks $tasks, Order $order): bool
    {
        return false;
    }

    public static function needsRoom(Task|Pass $one): bool
    {
        return $one->step->technique->needsRoom() && ! $one->step->technique->does(Nature::Repairs);
    }
}
