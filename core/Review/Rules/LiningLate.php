<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

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

/** A dark line is drawn before the lights beside it, which cover its slips. */
final class LiningLate implements Rule
{
    public function id(): string
    {
        return 'lining-late';
    }

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            foreach ($scene->own($area) as $lining) {
                // A line of its own, a crest or a seam, borders on nothing.
                if (! $lining->step->technique->does(Nature::LinesBorders) || $lining->step->more->borders === []) {
                    continue;
                }
                $sides = array_filter([$area, ...array_map($scene->plan->area(...), $lining->step->more->borders)]);
                foreach ($sides as $side) {
                    $lit = Scene::first($scene->own($side), static fn(Pass $one): bool => $one->step->technique->does(Nature::Lightens) && $one->step->place !== Place::Corners);
                    if ($lit !== null && $lit->number < $lining->number && ! self::isTouchedUp($scene, $side, $lining)) {
                        yield new Finding(
                            $this->id(),
                            Severity::CostsTime,
                            $area->id,
                            $lining->step->id,
                            'The line comes after the lights beside it.',
                            sprintf('%s has its %s in pass %d; a slip of the dark line in pass %d spoils it.', $side->name, mb_strtolower($lit->step->technique->label), $lit->number, $lining->number),
                            'A steady hand lines last, and touches up what slipped.',
                            [new Mend('Line first', new MoveStep($lining->step->id, $lit->step->id, true, $scene->order()->stepIds()))],
                        );
                        break;
                    }
                }
            }
        }
    }

    private static function isTouchedUp(Scene $scene, Area $side, Pass $lining): bool
    {
        return Scene::any($scene->own($side), static fn(Pass $one): bool => $one->number > $lining->number && $one->step->technique->does(Nature::TouchesUp));
    }
}
