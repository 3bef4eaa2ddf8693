<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\AddStep;
use Kalokroma\Recipe\Edit\ChangeArea;
use Kalokroma\Recipe\Edit\Several;
use Kalokroma\Recipe\Edit\SilenceFinding;
use Kalokroma\Recipe\Silence;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** An open area must be decided while a brush still gets there. */
final class OpenArea extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $end = $area->open ? $this->end($scene, $area) : null;
            if ($end !== null) {
                yield $this->found(
                    Severity::Taste,
                    $area->id,
                    $end->step->id,
                    "Decide now what becomes of {$area->name}.",
                    sprintf('It is open, and after "%s" in step %d it can no longer be painted.', $end->step->technique->label, $end->number),
                    'It may stay in its undercoat, if nobody looks there.',
                    [
                        new Mend(
                            'Begin it as usual',
                            new Several([new ChangeArea($area->decided()), new AddStep($scene->plan->freeStepId($area->id), $area->id)]),
                        ),
                        new Mend(
                            'Leave it as the undercoat',
                            new Several([
                                new ChangeArea($area->decided()),
                                new SilenceFinding(new Silence('empty-area', $area->id, null, 'It stays in its undercoat.')),
                            ]),
                        ),
                    ],
                );
            }
        }
    }

    /** What ends all painting of it: its part is glued on, or the final coat goes over it. */
    private function end(Scene $scene, Area $area): ?Pass
    {
        return array_find($scene->order()->passes, static fn(Pass $one): bool => (
            $one->step->technique->does(Nature::Glues)
            && $area->part !== null
            && $one->step->more->part === $area->part
        )
            || (
                $one->area === null
                && $one->step->technique->dulls()
                && ! array_any(
                    $scene->order()->passes,
                    static fn(Pass $later): bool => $later->number > $one->number && $later->area === null && $later->step->technique->dulls(),
                )
            ));
    }
}
