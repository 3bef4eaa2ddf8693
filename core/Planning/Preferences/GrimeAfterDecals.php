<?php

declare(strict_types=1);

namespace Kalokroma\Planning\Preferences;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Law;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Tasks;

/** Marks are as dirty as what they are on. */
final class GrimeAfterDecals implements Law
{
    public function among(Tasks $tasks): iterable
    {
        foreach ($tasks->doing(Nature::LaysDecal, Nature::SoftensDecal) as $decal) {
            foreach ($tasks->doing(Nature::Grimes) as $grime) {
                if ($decal->area === null || $grime->area === null || $decal->area === $grime->area) {
                    yield new Precedence($decal, $grime, "the grime goes over the mark as over the rest");
                }
            }
        }
    }
}
