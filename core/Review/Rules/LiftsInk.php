<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Load;
use Kalokroma\Craft\Nature;
use Kalokroma\Paint\Kind;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Review\VarnishFirst;

/** Wet transparents lift ink that is younger than a day. */
final class LiftsInk extends Rule
{
    /** Minutes. */
    private const A_DAY = 1440;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $last = null;
            foreach ($scene->run($area) as $pass) {
                $isWet = $pass->step->technique->does(Nature::SelfShades, Nature::BlendsTwo)
                    || ($pass->step->technique->does(Nature::Washes) && $pass->step->more->load === Load::Flooded);
                if (
                    $last !== null
                    && $isWet
                    && in_array(Kind::Ink, $last->step->mix?->kinds() ?? [], true)
                    && ($last->step->more->waitMinutes ?? 0) < self::A_DAY
                ) {
                    yield $this->found(
                        Severity::Risk,
                        $area->id,
                        $pass->step->id,
                        'This may lift the ink below.',
                        sprintf(
                            '%s goes on wet over %s within the day, and ink comes loose again when it is soaked.',
                            $pass->step->technique->label,
                            $last->step->mix->words(),
                        ),
                        'Put on in one go and left alone it mostly holds; after a day it does.',
                        VarnishFirst::mends($scene, $pass),
                    );
                }
                $last = $pass->step->mix !== null || $pass->step->technique->does(Nature::Seals) ? $pass : $last;
            }
        }
    }
}
