<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\MoveStep;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** A wash dulls its neighbours: what was put right before has to be put right again. */
final class WashAfterRepair implements Rule
{
    public function id(): string
    {
        return 'wash-after-repair';
    }

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            foreach ($area->ground ? [] : $scene->own($area) as $wash) {
                $repair = $this->isWash($scene, $area, $wash) ? $this->spoiled($scene, $area, $wash) : null;
                if ($repair !== null) {
                    yield new Finding(
                        $this->id(),
                        Severity::CostsTime,
                        $area->id,
                        $wash->step->id,
                        "This dulls {$repair->area?->name} again, which was touched up before.",
                        sprintf('A wash all over %s runs onto what it touches, and the touch-up of %s (pass %d) comes before it (pass %d).', $area->name, $repair->area->name ?? '', $repair->number, $wash->number),
                        'Who keeps the wash well inside its area need not repair anything.',
                        [new Mend('The wash before the repair', new MoveStep($wash->step->id, $repair->step->id, true, $scene->order()->stepIds()))],
                    );
                }
            }
        }
    }

    private function isWash(Scene $scene, Area $area, Pass $pass): bool
    {
        $technique = $pass->step->technique;
        if (! $technique->does(Nature::Washes)) {
            return false;
        }

        return $technique->family === Family::Shade
            ? $pass->step->place === Place::Everywhere
            : $pass->step->place === Place::Everywhere && ! $scene->isSealedBefore($area, $pass) && ! $scene->isInLastStage($pass);
    }

    private function spoiled(Scene $scene, Area $area, Pass $wash): ?Pass
    {
        foreach ($scene->neighbours->touching($area) as $beside) {
            $repair = Scene::first(array_reverse($scene->own($beside)), static fn(Pass $one): bool => $one->number < $wash->number && $one->step->technique->does(Nature::TouchesUp));
            if ($repair !== null && ! Scene::any($scene->own($beside), static fn(Pass $one): bool => $one->number > $wash->number && $one->step->technique->does(Nature::Repairs))) {
                return $repair;
            }
        }

        return null;
    }
}
