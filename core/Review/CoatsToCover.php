<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourName;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\CoatForecast;
use Kalokroma\Simulation\Stage;
use Kalokroma\Simulation\Strip;

/**
 * The coats planned are not the coats it takes to hide what is under them.
 *
 * Silent where covering is not meant (feathered places) and where steps of nearly one colour follow each other: their coats add up.
 */
final class CoatsToCover implements Rule
{
    /** ΔE₀₀ of two paints' colours below which one goes on with the other's work. */
    private const NEARLY_ONE_COLOUR = 6.0;

    public function check(Plan $plan, Area $area, Strip $strip): array
    {
        $findings = [];
        foreach ($area->steps as $at => $step) {
            $stage = $strip->stage($step->id);
            $forecast = $stage?->forecast;
            if ($stage === null || $forecast === null || $step->place->isFeathered() || $forecast->needed === $step->coats) {
                continue;
            }
            if (! $forecast->isTooThin && $forecast->needed !== null && $this->goesOn($area->steps, $at)) {
                continue;
            }
            $findings[] = $this->finding($plan, $step, $stage, $forecast);
        }

        return $findings;
    }

    /**
     * The step before or after it covers in nearly the same colour.
     *
     * @param list<Step> $steps
     */
    private function goesOn(array $steps, int $at): bool
    {
        foreach ([$at - 1, $at + 1] as $beside) {
            $other = $steps[$beside] ?? null;
            if ($other?->mix !== null && $steps[$at]->mix !== null && $other->technique->isMeantToCover() && ! $other->place->isFeathered() && ! $other->mix->isTransparent()
                && Ciede2000::between($other->mix->colour(), $steps[$at]->mix->colour()) < self::NEARLY_ONE_COLOUR) {
                return true;
            }
        }

        return false;
    }

    private function finding(Plan $plan, Step $step, Stage $stage, CoatForecast $forecast): Finding
    {
        $needed = $forecast->needed;
        $enough = $needed !== null && $needed < $step->coats;

        return new Finding(
            'coats-to-cover',
            $enough ? Severity::Taste : Severity::CostsTime,
            $step->id,
            match (true) {
                $forecast->isTooThin => 'This is too thin to cover.',
                $needed === null => 'This will not cover.',
                $enough => sprintf('%s will do, not %d.', ucfirst($this->coats($needed)), $step->coats),
                default => sprintf('%s, not %d.', ucfirst($this->coats($needed)), $step->coats),
            },
            $forecast->isTooThin ? $this->whyTooThin($step) : $this->why($step, $stage, $forecast),
            $enough
                ? 'Many give two coats whatever the arithmetic says: the second evens out the streaks of the first.'
                : 'Some stop short on purpose and let the ground show through as shade.',
            $this->mends($plan, $step, $stage, $forecast),
        );
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
                : sprintf('it reaches its full colour with %s', $this->coats($forecast->needed)),
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
            $usual = $step->technique->usual();

            return array_filter([$this->thinned($plan, $step, $stage, Dilution::of($usual['paint'], $usual['thinner'], $usual['with']))]);
        }
        $mends = [];
        if ($forecast->needed !== null && $forecast->needed <= Step::MOST_COATS) {
            $mends[] = new Mend('Plan '.$this->coats($forecast->needed), ['coats' => $forecast->needed]);
        }
        if ($forecast->needed === null || $forecast->needed > $step->coats) {
            $straight = $this->thinned($plan, $step, $stage, Dilution::of(1, 0, $step->dilution->with));
            if ($straight !== null && $straight->changes['coats'] >= $step->coats && $straight->changes['coats'] < ($forecast->needed ?? PHP_INT_MAX)) {
                $mends[] = $straight;
            }
        }

        return $mends;
    }

    /** Null when even so no number of coats that anybody paints covers. */
    private function thinned(Plan $plan, Step $step, Stage $stage, Dilution $dilution): ?Mend
    {
        $application = $step->with($step->mix, $dilution)->application();
        $needed = $application === null ? null : CoatForecast::of($application, $stage->before, $plan->model->finishLevel)?->needed;

        return $needed === null || $needed > Step::MOST_COATS ? null : new Mend(
            sprintf('Thin it less, %s: %s', $dilution->words(), $this->coats($needed)),
            ['coats' => $needed, 'dilution' => ['paint' => $dilution->paint, 'thinner' => $dilution->thinner, 'with' => $dilution->with->value]],
        );
    }

    private function coats(int $number): string
    {
        $words = [1 => 'one coat', 'two coats', 'three coats', 'four coats', 'five coats', 'six coats'];

        return $words[$number] ?? $number.' coats';
    }
}
