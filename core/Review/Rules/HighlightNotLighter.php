<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\AtHand;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Simulation\Stage;

/** A light that is no lighter than what is there is no light. */
final class HighlightNotLighter extends Rule
{
    /** L* that is seen as lighter. */
    private const LIGHTER = 1.0;

    /** Chroma by which a glow is stronger than what it lies on, and the L* that it may lose for it. */
    private const STRONGER = 8.0;

    private const FALLS = 5.0;

    /** Places on which a middle tone may stand beside a light. */
    private const ELSEWHERE = [Place::LowerSides, Place::Recesses, Place::FacingSide, Place::LowerHalf, Place::Roots, Place::Centre, Place::Patch];

    /** L* from one rung of a ladder to the next. */
    private const A_RUNG = 14.0;

    private const CLEARLY = 4.0;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            foreach ($scene->own($area) as $pass) {
                $stage = $scene->stage($area, $pass->step);
                if ($stage !== null && $this->isLight($pass->step) && (! $this->isSeen($stage) || $this->fallsBack($scene, $area, $pass, $stage))) {
                    yield $this->finding($scene, $area, $pass, $stage);
                }
            }
        }
    }

    private function isLight(Step $step): bool
    {
        if ($step->mix === null || $step->more->side !== null || in_array($step->place, self::ELSEWHERE, true)) {
            return false;
        }

        return $step->technique->does(Nature::Lightens)
            || ($step->technique->family === Family::Light && $step->technique->does(Nature::Covers) && $step->place->isRaised());
    }

    private function isSeen(Stage $stage): bool
    {
        $before = $stage->before->look();
        foreach (Zone::cases() as $zone) {
            if ($stage->application->reach($zone) <= 0.0) {
                continue;
            }
            $was = $before->at($zone);
            $now = $stage->look->at($zone);
            if ($now->lightness - $was->lightness >= self::LIGHTER || $this->glows($was, $now)) {
                return true;
            }
        }

        return false;
    }

    private function glows(Lab $was, Lab $now): bool
    {
        return $now->toLch()->chroma - $was->toLch()->chroma >= self::STRONGER && $was->lightness - $now->lightness <= self::FALLS;
    }

    /** It lies on the place of an earlier light and is darker than that. */
    private function fallsBack(Scene $scene, Area $area, Pass $pass, Stage $stage): bool
    {
        $zone = $pass->step->place === Place::UpperEdges || $pass->step->place === Place::Corners ? Zone::Edge : Zone::Raised;
        $was = $stage->before->look()->at($zone);
        $now = $stage->look->at($zone);

        return $was->lightness - $now->lightness >= self::LIGHTER && ! $this->glows($was, $now)
            && array_any(
                $scene->before($area, $pass),
                fn(Pass $one): bool => $one->area !== null && $this->isLight($one->step) && $one->step->place === $pass->step->place,
            );
    }

    private function finding(Scene $scene, Area $area, Pass $pass, Stage $stage): Finding
    {
        $was = $stage->before->look()->at($pass->step->place === Place::Everywhere ? Zone::Face : Zone::Edge);
        $mix = $pass->step->mix;
        $lighter = $scene->atHand()->nearest(
            Lab::of(min(96.0, $was->lightness + self::A_RUNG), $was->a, $was->b),
            static fn(Paint $one): bool => ($one->kind === Kind::Metallic) === ($mix?->isMetal() ?? false)
                && ($one->kind === Kind::Metallic || AtHand::covers($one))
                && $one->colour()->lightness > $was->lightness + self::CLEARLY,
        );

        return $this->found(
            Severity::CostsTime,
            $area->id,
            $pass->step->id,
            'This is no lighter than what is there.',
            sprintf('%s has value %d; the surface is at %d by now.', $mix?->words() ?? '', $mix?->colour()->value() ?? 0, $was->value()),
            'A deepening tone goes on the lower sides or into the recesses: say so with the place.',
            $lighter === null
                ? []
                : [new Mend("Take {$lighter->name}, the next rung up", new ChangeStep($pass->step->with(Mix::single($lighter))))],
        );
    }
}
