<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Recipe\Edit\Several;
use Kalokroma\Recipe\Edit\SilenceFinding;
use Kalokroma\Recipe\Silence;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Drybrushing pushes at what is thin. */
final class WeakPartDrybrushed extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $dust = $area->fragile
                ? array_find($scene->own($area), static fn(Pass $one): bool => $one->step->technique->does(Nature::Dusts))
                : null;
            if ($dust === null) {
                continue;
            }
            $held = new Silence($this->id, $area->id, null, 'I hold it while brushing.');
            $mends = [new Mend('I hold it from behind', new SilenceFinding($held))];
            $glue = array_find(
                $scene->order()->passes,
                static fn(Pass $one): bool => $area->part !== null && $one->step->technique->does(Nature::Glues)
                    && $one->step->more->part === $area->part,
            );
            if ($glue !== null && $glue->number < $dust->number) {
                $mends[] = new Mend(
                    'Drybrush before gluing',
                    new Several([new MoveStep($dust->step->id, $glue->step->id, true, $scene->order()->stepIds()), new SilenceFinding($held)]),
                );
            }
            yield $this->found(
                Severity::Risk,
                $area->id,
                $dust->step->id,
                "{$area->name} may bend or break.",
                sprintf('%s presses at it from all sides, and %s is marked as fragile.', $dust->step->technique->label, $area->name),
                'Held from behind with a finger it mostly goes well.',
                $mends,
            );
        }
    }
}
