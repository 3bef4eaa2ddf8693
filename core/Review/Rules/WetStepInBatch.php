<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** What must happen while wet cannot wait for the next model. */
final class WetStepInBatch extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach (($scene->models ?? 1) < 2 ? [] : $scene->order()->passes as $pass) {
            if ($pass->step->technique->does(Nature::StaysWet) && ! $pass->step->isPerModel()) {
                yield $this->found(
                    Severity::StopsTheJob,
                    $pass->area?->id,
                    $pass->step->id,
                    'This dries before the next model is done.',
                    sprintf(
                        '%s has to be finished while it is wet; as a pass over %d models the first is dry when the last is reached.',
                        $pass->step->technique->label,
                        $scene->models ?? 0,
                    ),
                    'With a retarder some do two or three models at a time.',
                    [new Mend('Carry it through model by model', new ChangeStep($pass->step->told($pass->step->more->onOneModel(true))))],
                );
            }
        }
    }
}
