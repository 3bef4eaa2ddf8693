<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Edit\SwapTechnique;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A drybrush lives of paint that is almost dry: thinner makes it run into what it should miss. */
final class ThinnedDrybrush extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->order()->passes as $pass) {
            $step = $pass->step;
            // Patting wants a slightly wetter brush.
            if (
                $step->technique->id !== 'drybrush'
                || $step->mix === null
                || $step->dilution->isStraight()
                || $step->dilution->with === Thinner::Medium
            ) {
                continue;
            }
            yield $this->found(
                Severity::CostsTime,
                $pass->area?->id,
                $step->id,
                'A drybrush takes no thinner.',
                sprintf(
                    '%s, %s, is wet enough to run off what stands up and into what lies low: smears instead of dust.',
                    $step->mix->words(),
                    $step->dilution->words(),
                ),
                'With a damp brush and a little more paint it is patting, which gives a solid film.',
                [
                    new Mend('Straight, wiped off', new ChangeStep($step->with($step->mix, Dilution::of(1, 0, $step->dilution->with)))),
                    new Mend('Pat it instead', new SwapTechnique($step->id, Technique::of('patting'))),
                ],
            );
        }
    }
}
