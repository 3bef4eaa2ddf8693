<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Technique;
use Kalokroma\Matching\Shelf;
use Kalokroma\Mixing\Mix;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Paces;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Edit\SwapTechnique;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use Kalokroma\Simulation\Strip;
use LogicException;

/**
 * Where a technique can be practised in a plan: one step of an area done by it, with the same paint; a transparent lies over the lights
 * besides. The areas where nothing speaks against it come first, of those the largest: there is room to try again.
 */
final readonly class Practice
{
    /** Places side by side. */
    private const PLACES = 3;

    /**
     * @param Area $area as it would be painted
     * @param Step|null $instead the step as it is; null for one step more
     * @param Step $step that is done by it
     * @param list<Finding> $against what the review would say that it does not say now
     * @param float $minutes hands-on for one model, with what else the area takes
     */
    private function __construct(
        public Area $area,
        public ?Step $instead,
        public Step $step,
        public Strip $strip,
        public array $against,
        public float $minutes,
    ) {}

    /**
     * @param Paces|null $paces of the painter
     *
     * @return list<self> at most three, one for an area, the best first; none where no step of the plan could be done by it
     */
    public static function of(Rehearsal $rehearsal, Technique $technique, ?Shelf $shelf = null, ?Paces $paces = null): array
    {
        $known = self::told(Review::of(Scene::of($rehearsal, $shelf)));
        $places = [];
        foreach ($rehearsal->plan->areas as $area) {
            if ($area->open || array_any($area->steps, static fn(Step $one): bool => $one->technique->id === $technique->id)) {
                continue;
            }
            $here = [];
            foreach ($area->steps as $step) {
                if ($step->mix !== null && $step->technique->family === $technique->family && $technique->takes->acceptsAll($step->mix->kinds())) {
                    $here[] = self::on(
                        $rehearsal,
                        (new SwapTechnique($step->id, $technique))->applyTo($rehearsal->plan),
                        $area,
                        $step,
                        $step->id,
                        $known,
                        $shelf,
                        $paces,
                    );
                }
            }
            $last = $area->steps === [] ? null : $area->steps[count($area->steps) - 1];
            if (
                $technique->family === Family::Tint
                && $last?->technique->family === Family::Light
                && $technique->takes->acceptsAll($last->mix?->kinds() ?? [])
            ) {
                $more = Step::usual($rehearsal->plan->freeStepId('practice'), $technique, null, self::base($area) ?? $last->mix);
                $here[] = self::on(
                    $rehearsal,
                    $rehearsal->plan->withArea($area->withSteps([...$area->steps, $more])),
                    $area,
                    null,
                    $more->id,
                    $known,
                    $shelf,
                    $paces,
                );
            }
            usort($here, static fn(self $one, self $other): int => count($one->against) <=> count($other->against));
            array_push($places, ...array_slice($here, 0, 1));
        }
        usort(
            $places,
            static fn(self $one, self $other): int => [count($one->against), $other->area->size->share()]
                <=> [count($other->against), $one->area->size->share()],
        );
        $free = array_filter($places, static fn(self $one): bool => $one->against === []);

        return array_slice($free === [] ? $places : array_values($free), 0, self::PLACES);
    }

    /** @param array<string, true> $known */
    private static function on(
        Rehearsal $rehearsal,
        Plan $plan,
        Area $area,
        ?Step $instead,
        string $stepId,
        array $known,
        ?Shelf $shelf,
        ?Paces $paces,
    ): self {
        $after = Rehearsal::of($plan);
        $painted = $plan->area($area->id) ?? throw new LogicException("There is no area $area->id.");
        $against = array_filter(
            Review::of(Scene::of($after, $shelf)),
            static fn(Finding $one): bool => ! isset($known[self::key($one)]) && $one->severity->rank() <= Severity::CostsTime->rank(),
        );

        return new self(
            $painted,
            $instead,
            $plan->step($stepId) ?? throw new LogicException("There is no step $stepId."),
            $after->strip($painted),
            array_values($against),
            Pace::of($plan, $paces)->recipe($painted),
        );
    }

    /** The colour that lies under the lights: as a glaze it binds them together. */
    private static function base(Area $area): ?Mix
    {
        $bases = array_filter($area->steps, static fn(Step $one): bool => $one->technique->family === Family::Base && $one->mix !== null);

        return $bases === [] ? null : $bases[array_key_last($bases)]->mix;
    }

    /**
     * @param list<Finding> $findings
     *
     * @return array<string, true>
     */
    private static function told(array $findings): array
    {
        return array_fill_keys(array_map(self::key(...), $findings), true);
    }

    private static function key(Finding $finding): string
    {
        return "$finding->rule $finding->area $finding->step";
    }
}
