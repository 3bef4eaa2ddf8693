<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\SetGround;
use Kalokroma\Recipe\Edit\SilenceFinding;
use Kalokroma\Recipe\Silence;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Paint that covers hides the light that was sprayed from above. */
final class UndercoatWasted extends Rule
{
    /** Share of the model. */
    private const MOST_OF_IT = 0.7;

    public function check(Scene $scene): iterable
    {
        $undercoat = $scene->plan->undercoat;
        if ($undercoat->light === null || $undercoat->base === null) {
            return;
        }
        $all = $hidden = 0.0;
        foreach ($scene->plan->areas as $area) {
            $all += $area->size->share();
            $hidden += $this->isHidden($scene, $area) ? $area->size->share() : 0.0;
        }
        if ($all > 0.0 && $hidden / $all >= self::MOST_OF_IT) {
            yield $this->found(
                Severity::Taste,
                null,
                null,
                'The light from above ends up under opaque paint.',
                sprintf(
                    '%d %% of the model is covered by metals or opaque coats in the end, and nothing of the sketch is seen there.',
                    (int) round(100 * $hidden / $all),
                ),
                'It shows the forms while painting, and a photo of it is the map for the highlights: for that it is worth the ten minutes.',
                [
                    new Mend(
                        "{$undercoat->base->name} alone",
                        new SetGround(Undercoat::of($undercoat->base, method: $undercoat->method, waitMinutes: $undercoat->waitMinutes)),
                    ),
                    new Mend('It is for seeing', new SilenceFinding(new Silence($this->id, null, null, 'The sketch is for seeing the forms.'))),
                ],
            );
        }
    }

    private function isHidden(Scene $scene, Area $area): bool
    {
        return array_any($scene->own($area), static function (Pass $pass) use ($scene, $area): bool {
            $forecast = $scene->stage($area, $pass->step)?->forecast;

            return ! $pass->step->place->isFeathered()
                && ($pass->step->mix?->isMetal() === true || ($forecast?->needed !== null && $pass->step->coats >= $forecast->needed));
        });
    }
}
