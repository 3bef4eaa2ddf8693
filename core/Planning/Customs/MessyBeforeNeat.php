<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Customs;

use Kalokroma\Craft\Edges;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Planning\Custom;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/** What dusts, sprays or splashes is done before the neat work beside it, or at least before that is covered once more. */
final class MessyBeforeNeat implements Custom
{
    private const WORK = [Family::Base, Family::Shade, Family::Light, Family::Tint, Family::Detail];

    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->plan->areas as $area) {
            $mess = $area->ground ? null : $tasks->last($area, static fn(Task $task): bool => self::isMess($tasks->plan, $area, $task->step));
            foreach ($mess === null ? [] : $tasks->neighbours->touching($area) as $beside) {
                if ($mess === null || $beside->ground || $beside->part !== $area->part) {
                    continue;
                }
                $masks = $tasks->last($beside, static fn(Task $task): bool => $task->does(Nature::Masks));
                $unmasks = $tasks->last($beside, static fn(Task $task): bool => $task->does(Nature::Unmasks));
                if ($masks !== null && $unmasks !== null) {
                    yield new Precedence($masks, $mess, "a mask protects {$beside->name}");
                    yield new Precedence($mess, $unmasks, "a mask protects {$beside->name}");
                    continue;
                }
                $neat = self::saved($tasks, $beside);
                if ($neat !== null) {
                    yield new Precedence(
                        $mess,
                        $neat,
                        "{$mess->step->technique->label} on {$area->name} is messy: neat work beside it comes after",
                    );
                }
            }
        }
    }

    /** A mask lies over what is beside it. */
    public function excuses(Precedence $broken, Tasks $tasks, Order $order): bool
    {
        return $broken->first->does(Nature::Masks) || $broken->then->does(Nature::Unmasks);
    }

    /**
     * Whether a step leaves dust, spray or splashes beside the area. A careful brush makes no mess, also with a transparent; of the bases
     * only one of the messy school does.
     */
    public static function isMess(Plan $plan, Area $area, Step $step): bool
    {
        $technique = $step->technique;
        if (
            in_array($technique->family, [Family::Varnish, Family::Handling], true)
            || ($technique->does(Nature::Effects, Nature::Pigments) && ($area->isSmall() || $step->place === Place::Recesses))
        ) {
            return false;
        }

        return $technique->neatness === 0
            || $technique->does(Nature::Effects, Nature::Sprays)
            || ($plan->way->edges === Edges::Messy && $technique->family === Family::Base && $technique->does(Nature::Covers));
    }

    /**
     * What a mess beside it has to come before: the last coat that covers or puts right; without one the first neat step. What ends in dust
     * itself is not spoiled by more of it.
     */
    private static function saved(Tasks $tasks, Area $area): ?Task
    {
        $all = $tasks->on($area);
        $isMess = static fn(Task $task): bool => self::isMess($tasks->plan, $area, $task->step);
        $neat = $tasks->first(
            $area,
            static fn(Task $task): bool => in_array($task->step->technique->family, self::WORK, true) && $task->step->technique->isNeat()
                && ! $isMess($task),
        );
        if ($all === [] || $neat === null || $all[count($all) - 1]->step->technique->neatness === 0) {
            return null;
        }

        return $tasks->last($area, static fn(Task $task): bool => ! $isMess($task) && $task->does(Nature::Repairs, Nature::Covers)) ?? $neat;
    }
}
