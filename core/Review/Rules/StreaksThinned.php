<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Nature;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Thinned streaks run together into a stain. */
final class StreaksThinned extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->order()->passes as $pass) {
            if ($pass->step->technique->does(Nature::Streaks) && $pass->step->dilution->thinner > 0) {
                yield $this->found(
                    Severity::CostsTime,
                    $pass->area?->id,
                    $pass->step->id,
                    'Streaks go on straight.',
                    sprintf('Thinned %s they run together before they can be feathered.', $pass->step->dilution->words()),
                    'A stain is a fine thing too: that is a solvent wash.',
                    [new Mend(
                        'Straight, shaken well',
                        new ChangeStep($pass->step->with($pass->step->mix, Dilution::of(1, 0, $pass->step->dilution->with))),
                    )],
                );
            }
        }
    }
}
