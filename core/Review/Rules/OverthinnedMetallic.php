<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Paint\Kind;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Metal paint let down too far separates: the flakes swim away from the colour. */
final class OverthinnedMetallic extends Rule
{
    public function check(Scene $scene): iterable
    {
        foreach ($scene->order()->passes as $pass) {
            $step = $pass->step;
            $isMetal = in_array(Kind::Metallic, $step->mix?->kinds() ?? [], true);
            if (! $isMetal || $step->dilution->with === Thinner::Medium || $step->dilution->thinner <= $step->dilution->paint) {
                continue;
            }
            $better = Dilution::of(2, 1, $step->dilution->with)->outOf($step->dilution->pot);
            yield $this->found(
                Severity::CostsTime,
                $pass->area?->id,
                $step->id,
                'Metal paint this thin separates.',
                sprintf(
                    '%s is thinned %s. With more %s than paint the flakes swim apart and it dries grey and patchy.',
                    $step->mix->words(),
                    $step->dilution->words(),
                    $step->dilution->with->value,
                ),
                'Thinned with medium instead it makes a glaze or a wash that holds together.',
                [new Mend('One part in two at most: 2 : 1', new ChangeStep($step->with($step->mix, $better)))],
            );
        }
    }
}
