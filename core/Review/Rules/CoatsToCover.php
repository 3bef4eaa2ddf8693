<?php

declare(strict_types=1);

namespace Kalokroma\Review\Rules;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourName;
use Kalokroma\Craft\Nature;
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
final class CoatsToCover extends Rule
{
    /** ΔE₀₀ of two paints' colours below which one goes on with the other's work. */
    private const NEARLY_ONE_COLOUR = 10.0;

    /** So many coats short nobody forgives a plan whose area shows it. */
    private const SHORT = 2;

    /** ΔE₀₀ by which the area would end otherwise, seen as a whole. */
    private const SHOWS = 4.0;

    /** So many coats planned, and so many of them for nothing, are worth a word. */
    private const MANY = 4;

    private const SPARE = 2;

    /** Of what a panel needs a small part takes so much. */
    private const ON_SMALL_PARTS = 0.75;

    /** L* by which what follows is lighter: it takes the colour on. */
    private const LIGHTER = 3.0;

    /** Share of paint in 1 : 1. */
    private const HALF = 0.5;

    public function check(Scene $scene): iterable
    {
        foreach ($scene->plan->areas as $area) {
            $own = $scene->own($area);
            foreach ($own as $at => $pass) {
                $stage = $scene->stage($area, $pass->step);
                $forecast = $stage?->forecast;
                if ($stage === null || $forecast === null || $pass->step->place->isFeathered()) {
                    continue;
                }
                if ($forecast->isTooThin || $this->isTooMuch($area, $pass->step, $forecast) || (
                    $this->isShort($area, $pass->step, $forecast)
                    && ! $this->goesOn($own, $at)
                    && ! $this->isTakenOn($pass->step, array_slice($own, $at + 1), $this->isRung(array_slice($own, 0, $at)))
                    && ! $this->keepsTheSketch($scene, $pass)
                    && $this->shows($scene, $area, $pass->step, $forecast)
                )) {
                    yield $this->finding($area, $pass, $stage, $forecast, $scene->plan);
                }
            }
        }
    }

    /** Coats that it takes here, where a small part needs less than a panel; null when no number does. */
    private static function needed(Area $area, CoatForecast $forecast): ?int
    {
        return $forecast->needed === null || ! $area->isSmall() ? $forecast->needed : (int) ceil(self::ON_SMALL_PARTS * $forecast->needed);
    }

    private function isTooMuch(Area $area, Step $step, CoatForecast $forecast): bool
    {
        $needed = self::needed($area, $forecast);

        return $needed !== null && $step->coats >= self::MANY && $needed <= $step->coats - self::SPARE;
    }

    private function isShort(Area $area, Step $step, CoatForecast $forecast): bool
    {
        $needed = self::needed($area, $forecast);

        return $needed === null || $needed >= $step->coats + self::SHORT;
    }

    /** With the coats it takes the area would end otherwise. */
    private function shows(Scene $scene, Area $area, Step $step, CoatForecast $forecast): bool
    {
        $covered = $step->inCoats(min(Step::MOST_COATS, self::needed($area, $forecast) ?? Step::MOST_COATS));
        $now = $scene->rehearsal->strip($area)->final()->mean();

        return Ciede2000::between($now, $scene->rehearsal->stripAs($area->withStep($covered))->final()->mean()) >= self::SHOWS;
    }

    /**
     * The covering step before or after it is of nearly the same colour: their coats add up, also across a gap that is filled or a shade between.
     *
     * @param list<Pass> $own
     */
    private function goesOn(array $own, int $at): bool
    {
        $mix = $own[$at]->step->mix;
        foreach ([array_reverse(array_slice($own, 0, $at)), array_slice($own, $at + 1)] as $side) {
            $other = array_find($side, static fn(Pass $one): bool => $one->step->mix !== null
                && ! $one->step->mix->isClear()
                && $one->step->technique->isMeantToCover()
                && ! $one->step->mix->isTransparent()
                && ! $one->step->place->isFeathered())?->step->mix;
            if ($other !== null && $mix !== null && Ciede2000::between($other->colour(), $mix->colour()) < self::NEARLY_ONE_COLOUR) {
                return true;
            }
        }

        return false;
    }

    /**
     * A lighter covering tone, a stipple or a glaze of it follows: it is not meant to stand alone. What covers a base already is a rung,
     * and the light above it counts too.
     *
     * @param list<Pass> $later
     */
    private function isTakenOn(Step $step, array $later, bool $isRung): bool
    {
        $tone = $step->mix?->colour()->lightness ?? 0.0;

        return array_any($later, static fn(Pass $one): bool => $one->step->mix !== null && ! $one->step->mix->isClear() && (
            $one->step->technique->does(Nature::Scatters)
            || (
                $one->step->technique->does(Nature::Tints)
                && Ciede2000::between($one->step->mix->colour(), $step->mix?->colour() ?? $one->step->mix->colour()) < self::NEARLY_ONE_COLOUR
            )
            || (
                $one->step->technique->isMeantToCover()
                && ($isRung || ! $one->step->place->isFeathered())
                && $one->step->mix->colour()->lightness >= $tone + self::LIGHTER
            )
        ));
    }

    /**
     * The area was based before it.
     *
     * @param list<Pass> $before
     */
    private function isRung(array $before): bool
    {
        return array_any(
            $before,
            static fn(Pass $one): bool => $one->step->mix?->isClear() === false && $one->step->technique->isMeantToCover()
                && ! $one->step->place->isFeathered(),
        );
    }

    /** One thin coat over an undercoat with light lets the sketch show through. */
    private function keepsTheSketch(Scene $scene, Pass $pass): bool
    {
        return $scene->plan->undercoatOf($pass->area)->light !== null && $pass->step->coats === 1 && $pass->step->dilution->strength() < self::HALF;
    }

    private function finding(Area $area, Pass $pass, Stage $stage, CoatForecast $forecast, Plan $plan): Finding
    {
        $step = $pass->step;
        $needed = self::needed($area, $forecast);
        $enough = $needed !== null && $needed < $step->coats;

        return $this->found(
            $enough ? Severity::Taste : Severity::CostsTime,
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
            $this->mends($plan, $step, $stage, $forecast, $needed),
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
                : sprintf('it reaches its full colour with %s', CoatWords::of($forecast->needed)),
        );
    }

    private function whyTooThin(Step $step): string
    {
        return sprintf(
            '%s is coloured water: it dries to a stain, however many coats of it there are. Paint that is to cover takes about one part of thinner.',
            ucfirst($step->dilution->words()),
        );
    }

    /**
     * Thinned less first, where that helps, and then the coats it takes.
     *
     * @param int|null $needed coats
     *
     * @return list<Mend>
     */
    private function mends(Plan $plan, Step $step, Stage $stage, CoatForecast $forecast, ?int $needed): array
    {
        if ($forecast->isTooThin) {
            return array_filter([$this->thinned($plan, $step, $stage, Dilution::usual($step->technique->usual))['mend'] ?? null]);
        }
        $mends = [];
        if ($needed === null || $needed > $step->coats) {
            $straight = $this->thinned($plan, $step, $stage, Dilution::of(1, 0, $step->dilution->with));
            if ($straight !== null && $straight['coats'] >= $step->coats && $straight['coats'] < ($needed ?? PHP_INT_MAX)) {
                $mends[] = $straight['mend'];
            }
        }
        if ($needed !== null && $needed <= Step::MOST_COATS) {
            $mends[] = new Mend('Plan '.CoatWords::of($needed), new ChangeStep($step->inCoats($needed)));
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
            'mend' => new Mend(
                sprintf('Thin it less, %s: %s', $dilution->words(), CoatWords::of($needed)),
                new ChangeStep($thinned->inCoats($needed)),
            ),
        ];
    }
}
