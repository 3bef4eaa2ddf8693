<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Recipe\Edit\AddStep;
use Kalokroma\Recipe\Edit\SilenceFinding;
use Kalokroma\Recipe\Silence;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** An area that nothing is planned for. */
final class EmptyArea extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            if ($area->steps === [] && ! $area->open) {
                yield $this->found(
                    Severity::Taste,
                    $area->id,
                    null,
                    "Nothing is planned for {$area->name}.",
                    sprintf(
                        'It is %d %% of the model and would stay in %s.',
                        (int) round(100 * $area->size->share()),
                        $scene->plan->undercoat->words(),
                    ),
                    'What nobody sees may well stay in its undercoat.',
                    [
                        new Mend('Begin it as usual', new AddStep($scene->plan->freeStepId($area->id), $area->id)),
                        new Mend(
                            'Leave it as the undercoat',
                            new SilenceFinding(new Silence($this->id, $area->id, null, 'It stays in its undercoat.')),
                        ),
                    ],
                );
            }
        }
    }
}
