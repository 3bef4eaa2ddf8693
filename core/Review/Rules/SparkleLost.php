<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Zone;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\InsertStep;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;

/** Tints and opaque washes lie over the flakes of a metal. */
final class SparkleLost extends Rule
{
    /** Words in a note that say so. */
    private const DULL = '/\b(matt|dull|worn|old|rust|tarnish|dirty|verdigris)/iu';

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            foreach ($scene->own($area) as $pass) {
                $stage = $scene->stage($area, $pass->step);
                if (
                    $stage === null
                    || ! $stage->before->isMetal(Zone::Raised)
                    || ! $stage->before->isMetal(Zone::Edge)
                    || ! $this->dulls($pass->step)
                    || $this->isMeantDull($scene, $area, $pass)
                ) {
                    continue;
                }
                $metal = array_find(
                    array_reverse($scene->before($area, $pass)),
                    static fn(Pass $one): bool => $one->step->mix?->isMetal() === true,
                );
                $step = $metal === null
                    ? null
                    : Step::usual($scene->plan->freeStepId($pass->step->id), Technique::of('edge-highlight'), mix: $metal->step->mix);
                yield $this->found(
                    Severity::Taste,
                    $area->id,
                    $pass->step->id,
                    'This takes the sparkle off the metal.',
                    sprintf(
                        '%s lies over the flakes of %s, and no metal comes after it.',
                        $pass->step->technique->label,
                        $metal?->step->mix?->words() ?? 'the metal',
                    ),
                    'Old, dull metal is meant to look so.',
                    $step === null
                        ? []
                        : [new Mend(
                            "Put the edges back with {$metal->step->mix?->words()}",
                            new InsertStep($step, $area->id, $pass->step->id, false, $scene->order()->stepIds()),
                        )],
                );
                break;
            }
        }
    }

    private function dulls(Step $step): bool
    {
        $isOpaqueWash = $step->technique->does(Nature::Washes) && $step->mix !== null && ! $step->mix->isClear() && ! $step->mix->isTransparent();

        return ! in_array($step->place, [Place::Recesses, Place::LowerSides], true)
            && (
                $step->technique->does(Nature::Tints, Nature::SelfShades, Nature::LightsFromOneSide)
                || ($isOpaqueWash && $step->technique->family === Family::Shade)
            )
            && $step->mix?->isMetal() !== true;
    }

    private function isMeantDull(Scene $scene, Area $area, Pass $pass): bool
    {
        return array_any(
            $scene->after($area, $pass),
            static fn(Pass $one): bool => $one->step->mix?->isMetal() === true
                || ($one->area !== null && $one->step->technique->does(Nature::Grimes)),
        )
            || array_any($scene->own($area), static fn(Pass $one): bool => preg_match(self::DULL, $one->step->note) === 1);
    }
}
