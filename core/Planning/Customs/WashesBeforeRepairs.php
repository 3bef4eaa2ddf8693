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

/** A wash all over dulls what it touches: what is put right comes after it. */
final class WashesBeforeRepairs implements Custom
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->doing(Nature::TouchesUp) as $repair) {
            foreach ($repair->area === null ? [] : $tasks->neighbours->touching($repair->area) as $beside) {
                $last = $beside->ground
                    ? null
                    : $tasks->last($beside, static fn(Task $task): bool => $task->does(Nature::Washes) && $task->step->place === Place::Everywhere);
                if ($last !== null) {
                    yield new Precedence($last, $repair, "the wash on {$beside->name} dulls what it touches");
                }
            }
        }
    }

    /** It is put right once more; or the wash is spirit over varnish, or nothing but weathering is left to do. */
    public function excuses(Precedence $broken, Tasks $tasks, Order $order): bool
    {
        $wash = $broken->first;
        $isAfter = static fn(Pass $one): bool => $order->place($one->step->id) > $order->place($wash->id());

        return $order->isDoneAfter($wash->id(), $broken->then->area, Nature::Repairs)
            || ($wash->step->technique->family !== Family::Shade && (
                array_any(
                    $order->passes,
                    static fn(Pass $one): bool => ($one->area === null || $one->area === $wash->area)
                    && $one->step->technique->does(Nature::Seals)
                    && ! $isAfter($one)
                )
                || ! array_any(
                    $order->passes,
                    static fn(Pass $one): bool => $isAfter($one)
                    && $one->area?->ground !== true
                    && in_array($one->step->technique->family, [Family::Base, Family::Shade, Family::Light, Family::Tint, Family::Detail], true)
                )
            ));
    }
}
