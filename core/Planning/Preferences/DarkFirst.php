<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;
use Kalokroma\Recipe\Step;

/** Dark paint goes on before what is far paler beside it is finished: a slip of it would cost the pale many coats. */
final class DarkFirst implements Law
{
    /** L* by which a slip shows dark on what is finished. */
    public const DARKER = 20.0;

    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->plan->areas as $area) {
            $dark = $area->ground ? null : $tasks->first(
                $area,
                static fn(Task $task): bool => self::slips($task->step),
            );
            foreach ($dark === null ? [] : $tasks->neighbours->touching($area) as $beside) {
                $all = $tasks->on($beside);
                $pale = $tasks->last(
                    $beside,
                    static fn(Task $task): bool => $task->does(Nature::Covers) && ! $task->step->place->isFeathered()
                        && $task->step->mix?->isClear() === false && ! $task->step->mix->isTransparent(),
                );
                if (
                    $dark === null || $pale === null || $beside->ground || $beside->isSmall()
                    || ($pale->step->mix?->colour()->lightness ?? 0.0) - ($dark->step->mix?->colour()->lightness ?? 100.0) < self::DARKER
                ) {
                    continue;
                }
                yield new Precedence($dark, $all[count($all) - 1], "{$beside->name} is far paler: the dark beside it comes first");
            }
        }
    }

    /** A brush full of it may slip onto what is beside. */
    public static function slips(Step $step): bool
    {
        return $step->technique->isNeat() && $step->technique->does(Nature::Covers, Nature::LinesBorders) && $step->mix?->isClear() === false;
    }
}
