<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Planning\Tasks;

/** Dark paint goes on before what is far paler beside it is finished: a slip of it would cost the pale many coats. */
final class DarkFirst implements Law
{
    /** L* by which a slip shows. */
    private const DARKER = 20.0;

    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->plan->areas as $area) {
            $dark = $area->ground ? null : $tasks->first(
                $area,
                static fn(Task $task): bool => $task->step->technique->isNeat() && $task->does(Nature::Covers, Nature::LinesBorders)
                    && $task->step->mix?->isClear() === false,
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
}
