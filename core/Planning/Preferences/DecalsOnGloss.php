<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Tasks;

/** The first gloss coat comes before the decals, which silver on anything rougher. */
final class DecalsOnGloss implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->whole as $gloss) {
            if ($gloss->step->technique->glosses() && $gloss->does(Nature::Sprays)) {
                foreach ($tasks->doing(Nature::LaysDecal) as $decal) {
                    yield new Precedence($gloss, $decal, "a decal lies down without silvering only on gloss");
                }

                return;
            }
        }
    }
}
