<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Colour\ColourName;
use Kalokroma\Craft\Technique;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Simulation\CoatForecast;
use Kalokroma\Simulation\Stage;
use Kalokroma\Simulation\Strip;

/** The coats planned are not the coats it takes to hide what is under them. A highlight may stay thin on purpose, so there it is a matter of taste. */
final class CoatsToCover implements Rule
{
    public function check(Plan $plan, Area $area, Strip $strip): array
    {
        $findings = [];
        foreach ($area->steps as $step) {
            $stage = $strip->stage($step->id);
            $forecast = $stage?->forecast;
            if ($stage === null || $forecast === null || $forecast->needed === $step->coats) {
                continue;
            }
            $findings[] = $this->finding($plan, $step, $stage, $forecast);
        }

        return $findings;
    }

    private function finding(Plan $plan, Step $step, Stage $stage, CoatForecast $forecast): Finding
    {
        $needed = $forecast->needed;
        $enough = $needed !== null && $needed < $step->coats;

        return new Finding(
            'coats-to-cover',
            $enough || $step->technique === Technique::Highlight ? Severity::Taste : Severity::CostsTime,
            $step->id,
            match (true) {
                $needed === null => 'This will not cover.',
                $enough => sprintf('%s will do, not %d.', ucfirst($this->coats($needed)), $step->coats),
                default => sprintf('%s, not %d.', ucfirst($this->coats($needed)), $step->coats),
            },
            $this->why($step, $stage, $forecast),
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

    /** @return list<Mend> */
    private function mends(Plan $plan, Step $step, Stage $stage, CoatForecast $forecast): array
    {
        $mends = [];
        if ($forecast->needed !== null && $forecast->needed <= Step::MOST_COATS) {
            $mends[] = new Mend('Plan '.$this->coats($forecast->needed), ['coats' => $forecast->needed]);
        }
        $straight = $this->straight($plan, $step, $stage);
        if ($straight !== null && $straight <= Step::MOST_COATS && $straight < ($forecast->needed ?? PHP_INT_MAX) && $straight >= $step->coats) {
            $mends[] = new Mend(
                'Thin it less: '.$this->coats($straight),
                ['coats' => $straight, 'dilution' => ['paint' => 1, 'thinner' => 0, 'with' => $step->dilution->with->value]],
            );
        }

        return $mends;
    }

    /** Coats needed without any thinning. */
    private function straight(Plan $plan, Step $step, Stage $stage): ?int
    {
        $application = $step->with($step->mix, Dilution::none())->application();

        return $application === null ? null : CoatForecast::of($application, $stage->before, $plan->model->finishLevel)?->needed;
    }

    private function coats(int $number): string
    {
        $words = [1 => 'one coat', 'two coats', 'three coats', 'four coats', 'five coats', 'six coats'];

        return $words[$number] ?? $number.' coats';
    }
}
