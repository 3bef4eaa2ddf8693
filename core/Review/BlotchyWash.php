<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Simulation\Strip;

/** A wash all over a smooth surface has nothing to run into and dries in tide marks. */
final class BlotchyWash implements Rule
{
    public function check(Plan $plan, Area $area, Strip $strip): array
    {
        $findings = [];
        foreach ($area->steps as $step) {
            if ($step->technique !== Technique::Wash || $step->place !== Place::Everywhere || ! $area->texture->washDriesBlotchy()) {
                continue;
            }
            $findings[] = new Finding(
                'blotchy-wash',
                Severity::CostsTime,
                $step->id,
                'This wash will dry in blotches.',
                sprintf('%s is a %s: it has no recesses for the wash to run into, so it dries where it happens to stand.', $area->name, $area->texture->label()),
                'Some flood it all the same and even it out with a glaze of the base afterwards.',
                [
                    new Mend('Only into the recesses', ['place' => Place::Recesses->value]),
                    new Mend('Layer the shade instead', [
                        'technique' => Technique::Glaze->value,
                        'place' => Place::LowerSides->value,
                        'coats' => 4,
                        'dilution' => ['paint' => 1, 'thinner' => 3, 'with' => 'medium'],
                    ]),
                ],
            );
        }

        return $findings;
    }
}
