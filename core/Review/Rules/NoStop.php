<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Edit\SetRunning;
use Kalokroma\Recipe\Stop;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A batch wants a point at which it may be played with. */
final class NoStop extends Rule
{
    public function check(Scene $scene): iterable
    {
        $passes = $scene->order()->passes;
        if (($scene->models ?? 1) < 2 || $scene->plan->running->stops !== [] || $passes === []) {
            return;
        }
        $last = array_find(array_reverse($passes), static fn(Pass $one): bool => ! $one->isUndercoat && ($one->step->technique->does(Nature::Eyes)
            || (in_array($one->step->technique->family, [Family::Base, Family::Shade], true))
                || ($one->step->technique->does(Nature::Covers) && ! $one->step->place->isFeathered())));
        $after = $last->step->id ?? $passes[count($passes) - 1]->step->id;
        $stop = new Stop(Stop::TABLE_READY, $after);
        yield $this->found(
            Severity::Taste,
            null,
            null,
            'No point is marked at which the models may be used.',
            sprintf('%d models go through %d passes; when the evenings run out they all stand half done.', $scene->models ?? 0, count($passes)),
            'A single display piece needs none.',
            [new Mend(
                sprintf('Table-ready after step %d', $scene->order()->pass($after)->number ?? 0),
                new SetRunning($scene->plan->running->stopping([$stop])),
            )],
        );
    }
}
