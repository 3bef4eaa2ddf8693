<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Hidden;
use Kalokroma\Planning\Tasks;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Glue is the end of all painting behind it. */
final class GluedTooEarly extends Rule
{
    public function check(Scene $scene): iterable
    {
        $tasks = Tasks::of($scene->plan);
        foreach ($scene->order()->passes as $glue) {
            if (! $glue->step->technique->does(Nature::Glues)) {
                continue;
            }
            $late = null;
            foreach (Hidden::by($tasks, $glue->step->more->part) as $area) {
                foreach ($scene->own($area) as $pass) {
                    $isLate = $pass->number > $glue->number && $pass->step->technique->needsRoom();
                    $late = $isLate && ($late === null || $pass->number > $late->number) ? $pass : $late;
                }
            }
            if ($late !== null && ! in_array($glue->step->id, $scene->plan->running->locked, true)) {
                $part = $scene->plan->part($glue->step->more->part ?? '')->name ?? 'The part';
                yield $this->found(
                    Severity::StopsTheJob,
                    $late->area?->id,
                    $glue->step->id,
                    "$part is glued on too early.",
                    sprintf(
                        'It is glued in step %d, and no brush gets to %s any more, which is painted until step %d.',
                        $glue->number,
                        $late->area->name ?? '',
                        $late->number,
                    ),
                    'Who finds the part weak glues early, and leaves what is hidden in the undercoat.',
                    [new Mend('Glue it on afterwards', new MoveStep($glue->step->id, $late->step->id, false, $scene->order()->stepIds()))],
                );
            }
        }
    }
}
