<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Written;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;

/**
 * Writes recipes: each school puts its steps on the undercoat, tone by tone from the paint box, and what the review says of the draft is mended before
 * anybody sees it.
 */
final readonly class Writer
{
    /** Proposals side by side. */
    public const PROPOSALS = 3;

    private const MOST_MENDS = 12;

    /** More than any school suits by itself. */
    private const WISHED_FOR = 10.0;

    public function __construct(private PaintBox $box) {}

    /**
     * @param School|null $school null: the few that suit the area best
     *
     * @return list<Proposal> the one that suits best first; none where no paint is to be had
     */
    public function write(WritingWish $wish, ?School $school = null): array
    {
        $proposals = $stray = [];
        foreach ($school === null ? $this->fitting($wish) : [$school] as $one) {
            $proposal = $this->asIn($one, $wish);
            if ($proposal !== null && $school === null && $proposal->strays($wish->colour())) {
                $stray[] = $proposal->straying();
            } elseif ($proposal !== null) {
                $proposals[] = $proposal;
            }
            if (count($proposals) === self::PROPOSALS) {
                break;
            }
        }
        $proposals = array_slice([...$proposals, ...$stray], 0, self::PROPOSALS);
        $cost = static fn(Proposal $one): float => match (true) {
            $wish->taste->has(Wish::Faster) => $one->minutes(),
            $wish->taste->has(Wish::FewerSteps) => count($one->area->steps),
            $wish->taste->has(Wish::FewestPots) => $one->pots(),
            default => 0.0,
        };
        usort($proposals, static fn(Proposal $one, Proposal $other): int => $cost($one) <=> $cost($other));

        return $proposals;
    }

    private function asIn(School $school, WritingWish $wish): ?Proposal
    {
        $draft = $this->draft($school, $wish);
        if ($draft === null) {
            return null;
        }
        $kept = $wish->kept();
        $mended = self::mended($draft->plan(), $kept);
        if (self::findings($mended) !== []) {
            $deeper = $this->draft($school, $wish, true) ?? $draft;
            $also = self::mended($deeper->plan(), $kept);
            if (count(self::findings($also)) < count(self::findings($mended))) {
                [$draft, $mended] = [$deeper, $also];
            }
        }
        $reasons = $draft->reasons;
        foreach ($mended->areas[0]->steps as $step) {
            $reasons[$step->id] ??= $step->technique->hint;
        }

        return new Proposal(
            $school,
            self::marked($mended, $draft->rungs, $kept),
            $reasons,
            array_values(array_filter($draft->toBuy, static fn(Paint $one): bool => isset($mended->paints()[$one->id]))),
            $draft->unreached,
            array_map(static fn(Finding $one): string => $one->words, self::findings($mended)),
        );
    }

    private function draft(School $school, WritingWish $wish, bool $isDeep = false): ?Draft
    {
        $draft = new Draft($wish, $wish->stepIds === '' ? $school->value : $wish->stepIds);

        return (new Lesson($wish, $this->box, $draft, $isDeep))->follow($school) ? $draft : null;
    }

    /** @return list<School> best first */
    private function fitting(WritingWish $wish): array
    {
        $ground = $wish->plan();
        $look = $ground->strip($ground->areas[0])->final()->mean()->lightness;
        $suits = [];
        foreach (School::cases() as $school) {
            $suits[$school->value] = $school->suits($wish->area->texture, $wish->area->material, $wish->target, $wish->model->finishLevel, $look);
            if ($suits[$school->value] > 0.0 && $school->beginsDark() && $wish->taste->has(Wish::FromDark)) {
                $suits[$school->value] += self::WISHED_FOR;
            }
        }
        arsort($suits);

        return array_map(School::from(...), array_keys(array_filter($suits, static fn(float $one): bool => $one > 0.0)));
    }

    /**
     * What was written is told from what the painter will make of it.
     *
     * @param array<string, string> $rungs by step id
     * @param array<string, Step> $kept by id
     */
    private static function marked(Plan $plan, array $rungs, array $kept): Plan
    {
        $own = $plan->areas[0];

        return $plan->withArea($own->withSteps(array_map(
            static fn(Step $step): Step => isset($kept[$step->id]) ? $step : $step->told($step->more->writtenAs(new Written($rungs[$step->id] ?? 'mend', $step->fingerprint()))),
            $own->steps,
        )));
    }

    /** @param array<string, Step> $kept by id */
    private static function leaves(Plan $plan, array $kept): bool
    {
        return array_filter($kept, static fn(Step $step): bool => $plan->areas[0]->step($step->id)?->fingerprint() !== $step->fingerprint()) === [];
    }

    /**
     * Every finding with a mend is mended by the first that leaves fewer findings, and what the painter keeps as it is.
     *
     * @param array<string, Step> $kept by id
     */
    private static function mended(Plan $plan, array $kept): Plan
    {
        $findings = self::findings($plan);
        for ($round = 0; $round < self::MOST_MENDS && $findings !== []; $round++) {
            $better = null;
            foreach ($findings as $finding) {
                foreach ($finding->mends as $mend) {
                    try {
                        $after = $mend->edit->applyTo($plan);
                    } catch (IllegalPlan) {
                        continue;
                    }
                    $left = self::findings($after);
                    if (count($after->areas) === 1 && self::leaves($after, $kept) && count($left) < count($findings)) {
                        $better = [$after, $left];
                        break 2;
                    }
                }
            }
            if ($better === null) {
                break;
            }
            [$plan, $findings] = $better;
        }

        return $plan;
    }

    /**
     * What is said of the recipe itself: of the ground and of the whole model the plan is asked.
     *
     * @return list<Finding>
     */
    private static function findings(Plan $plan): array
    {
        $own = $plan->areas[0];

        return array_values(array_filter(
            Review::of(Scene::of(Rehearsal::of($plan))),
            static fn(Finding $one): bool => $one->area === $own->id && ($one->step === null || $own->step($one->step) !== null),
        ));
    }
}
