<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Thinner;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Pale colours need weak washes. */
final class WashTooStrong extends Rule
{
    /** Share of paint from which a wash counts as straight. */
    private const NEARLY_STRAIGHT = 0.66;

    /** L* of a pale area. */
    private const PALE = 70.0;

    /** L* that a face may lose. */
    private const DROP = 10.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            foreach ($scene->own($area) as $pass) {
                $step = $pass->step;
                $stage = $scene->stage($area, $step);
                if (
                    $stage === null
                    || $step->technique->family !== Family::Shade
                    || ! $step->technique->does(Nature::Washes)
                    || $step->place !== Place::Everywhere
                    || $step->dilution->strength() < self::NEARLY_STRAIGHT
                ) {
                    continue;
                }
                $before = $stage->before->look()->at(Zone::Face)->lightness;
                $after = $stage->look->at(Zone::Face)->lightness;
                if ($before >= self::PALE && $before - $after > self::DROP && ! self::isBasedAgain($scene, $area, $pass)) {
                    yield $this->found(
                        Severity::CostsTime,
                        $area->id,
                        $step->id,
                        'This wash is too strong for so pale a colour.',
                        sprintf(
                            'It takes the face of %s from value %d to %d, and the base would have to be painted again.',
                            $area->name,
                            (int) round($before),
                            (int) round($after),
                        ),
                        'Some wash it strong and paint the base again on all but the recesses: then plan that step.',
                        [
                            new Mend('Weaken it, 1 : 2 medium', new ChangeStep($step->with($step->mix, Dilution::of(1, 2, Thinner::Medium)))),
                            new Mend('Only into the recesses', new ChangeStep($step->at(Place::Recesses))),
                        ],
                    );
                }
            }
        }
    }

    private static function isBasedAgain(Scene $scene, Area $area, Pass $wash): bool
    {
        return array_any(
            $scene->after($area, $wash),
            static fn(Pass $pass): bool => $pass->step->technique->does(Nature::Covers) && ! $pass->step->place->isFeathered(),
        );
    }
}
