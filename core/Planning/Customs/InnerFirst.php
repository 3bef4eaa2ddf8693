<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Customs;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Planning\Custom;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** Inner before outer is the easier way: what slips onto the outer area is covered by its own base. */
final class InnerFirst implements Custom
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->plan->areas as $inner) {
            $first = $tasks->first($inner, self::bases(...));
            foreach ($first === null ? [] : $inner->liesUnder as $id) {
                $outer = $tasks->plan->area($id);
                $then = $outer === null || $outer->part !== $inner->part ? null : $tasks->first($outer, self::bases(...));
                if ($first !== null && $outer !== null && $then !== null) {
                    yield new Precedence($first, $then, "{$inner->name} lies under {$outer->name}");
                }
            }
        }
    }

    /** The outer one is put right afterwards; or nothing covers the inner one's rim, and the dark left there is external shade. */
    public function excuses(Precedence $broken, Tasks $tasks, Order $order): bool
    {
        return $order->isDoneAfter($broken->first->id(), $broken->then->area, Nature::Repairs)
            || ! array_any(
                $order->passes,
                static fn(Pass $one): bool => $one->area === $broken->first->area
                && $one->step->technique->does(Nature::Covers)
                && $one->step->place === Place::Everywhere
            );
    }

    private static function bases(Task $task): bool
    {
        return $task->step->technique->family === Family::Base || $task->does(Nature::Covers);
    }
}
