<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourName;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\ChangeStep;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\CoatWords;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Simulation\CoatForecast;
use Kalokroma\Simulation\Stage;

/** The coats planned are not the coats it takes to hide what is under them. */
final class CoatsToCover implements Rule
{
    /** ΔE₀₀ of two paints' colours below which one goes on with the other's work. */
    private const NEARLY_ONE_COLOUR = 6.0;

    /** Times the difference at which a coat covers: a forecast is good to about a coat. */
    private const NEARLY = 2.0;

    /** Share of paint in 1 : 1. */
    private const HALF = 0.5;

    public function id(): string
    {
        return 'coats-to-cover';
    }

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $own = $scene->own($area);
            foreach ($own as $at => $pass) {
                $stage = $scene->stage($area, $pass->step);
                $forecast = $stage?->forecast;
                if ($stage === null || $forecast === null || $pass->step->place->isFeathered() || $forecast->needed === $pass->step->coats) {
                    continue;
                }
                if (! $forecast->isTooThin && ($this->goesOn($own, $at) || $this->keepsTheSketch($scene, $pass) || $this->isCoveredWhereOneLooks($stage, $forecast, array_slice($own, $at + 1)))) {
                    continue;
                }
                yield $this->finding($scene, $area, $pass, $stage, $forecast);
            }
        }
    }

    /**
     * The step before or after it covers in nearly the same colour: their coats add up.
     *
     * @param list<Pass> $own
     */
    private function goesOn(array $own, int $at): bool
    {
        foreach ([$at - 1, $at + 1] as $beside) {
            $other = $own[$beside]->step ?? null;
            $mix = $own[$at]->step->mix;
            if ($other?->mix !== null && $mix !== null && $other->technique->isMeantToCover() && ! $other->place->isFeathered() && ! $other->mix->isTransparent()
                && Ciede2000::between($other->mix->colour(), $mix->colour()) < self::NEARLY_ONE_COLOUR) {
                return true;
            }
        }

        return false;
    }

    /**
     * One coat short at the edges, where the brush leaves least, and the edges are painted again: the rest is covered.
     *
     * @param list<Pass> $later
     */
    private function isCoveredWhereOneLooks(Stage $stage, CoatForecast $forecast, array $later): bool
    {
        return $forecast->hardestZone === Zone::Edge && $forecast->needed === $stage->application->coats + 1
            && Scene::any($later, static fn(Pass $one): bool => $one->step->technique->family === Family::Light && $one->step->place->reach(Zone::Edge) > 0.0);
    }

    /** One thin coat over an undercoat with light lets the sketch show through. */
    private function keepsTheSketch(Scene $scene, Pass $pass): bool
    {
        return $scene->plan->undercoat->light !== null && $pass->step->coats === 1 && $pass->step->dilution->strength() < self::HALF;
    }

    private function finding(Scene $scene, Area $area, Pass $pass, Stage $stage, CoatForecast $forecast): Finding
    {
        $step = $pass->step;
        $needed = $forecast->needed;
        $enough = $needed !== null && $needed < $step->coats;
        // A small place that shines through a little is seen by nobody but its painter.
        $isOneShort = $needed === $step->coats + 1;
        $isTaste = $enough || ($isOneShort && ($step->technique->family === Family::Light || $this->isNearlyCovered($scene->plan, $stage, $forecast)));

        return new Finding(
            $this->id(),
            $isTaste ? Severity::Taste : Severity::CostsTime,
            $area->id,
            $step->id,
            match (true) {
                $forecast->isTooThin => 'This is too thin to cover.',
                $needed === null => 'This will not cover.',
                $enough => sprintf('%s will do, not %d.', ucfirst(CoatWords::of($needed)), $step->coats),
                default => sprintf('%s, not %d.', ucfirst(CoatWords::of($needed)), $step->coats),
            },
            $forecast->isTooThin ? $this->whyTooThin($step) : $this->why($step, $stage, $forecast),
            $enough
                ? 'Many give two coats whatever the arithmetic says: the second evens out the streaks of the first.'
                : 'Some stop short on purpose and let the ground show through as shade.',
            $this->mends($scene->plan, $step, $stage, $forecast),
        );
    }

    /** What is missing after the planned coats is within what a forecast can tell. */
    private function isNearlyCovered(Plan $plan, Stage $stage, CoatForecast $forecast): bool
    {
        $film = $stage->application->film;
        $remaining = $film === null ? INF : Ciede2000::between(
            $film->masstone()->toLab(),
            $film->over($stage->before->at($forecast->hardestZone), $stage->application->coats * $forecast->coatThickness)->toLab(),
        );

        return $remaining <= self::NEARLY * $plan->model->finishLevel->coverTolerance();
    }

    private function why(Step $step, Stage $stage, CoatForecast $forecast): string
    {
        $ground = ColourName::of($stage->before->at($forecast->hardestZone)->toLab())->words();

        return sprintf(
            '%s hides %d %% in a full coat and lies %.2f of one thick (%s). Over the %s of the %s %s.',
            $step->mix?->words() ?? 'The paint',
            (int) round(100 * ($step->mix?->opacity() ?? 0)),
            $forecast->coatThickness,
            $step->dilution->words(),
            $ground,
            $forecast->hardestZone->label(),
            $forecast->needed === null
                ? 'no reasonable number of coats reaches its full colour'
                : sprintf('it reaches its full colour with %s', CoatWords::of($forecast->needed)),
        );
    }

    private function whyTooThin(Step $step): string
    {
        return sprintf('%s is coloured water: it dries to a stain, however many coats of it there are. Paint that is to cover takes about one part of thinner.', ucfirst($step->dilution->words()));
    }

    /** @return list<Mend> */
    private function mends(Plan $plan, Step $step, Stage $stage, CoatForecast $forecast): array
    {
        if ($forecast->isTooThin) {
            return array_filter([$this->thinned($plan, $step, $stage, Dilution::usual($step->technique->usual))['mend'] ?? null]);
        }
        $mends = [];
        if ($forecast->needed !== null && $forecast->needed <= Step::MOST_COATS) {
            $mends[] = new Mend('Plan '.CoatWords::of($forecast->needed), new ChangeStep($step->inCoats($forecast->needed)));
        }
        if ($forecast->needed === null || $forecast->needed > $step->coats) {
            $straight = $this->thinned($plan, $step, $stage, Dilution::of(1, 0, $step->dilution->with));
            if ($straight !== null && $straight['coats'] >= $step->coats && $straight['coats'] < ($forecast->needed ?? PHP_INT_MAX)) {
                $mends[] = $straight['mend'];
            }
        }

        return $mends;
    }

    /** @return array{coats: int, mend: Mend}|null null when even so no number of coats that anybody paints covers */
    private function thinned(Plan $plan, Step $step, Stage $stage, Dilution $dilution): ?array
    {
        $thinned = $step->with($step->mix, $dilution);
        $application = $thinned->application();
        $needed = $application === null ? null : CoatForecast::of($application, $stage->before, $plan->model->finishLevel)?->needed;

        return $needed === null || $needed > Step::MOST_COATS ? null : [
            'coats' => $needed,
            'mend' => new Mend(sprintf('Thin it less, %s: %s', $dilution->words(), CoatWords::of($needed)), new ChangeStep($thinned->inCoats($needed))),
        ];
    }
}
