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
 * Writes recipes: each school puts its steps on the undercoat, tone by tone from the paint box, and what the review says of the draft is
 * mended before anybody sees it.
 */
final readonly class Writer
{
    /** Proposals side by side. */
    public const PROPOSALS = 3;

    private const MOST_MENDS = 12;

    /** More coats of one step nobody is told to lay. */
    private const MOST_COATS = 4;

    /** What the ladder is stretched by where light and shade do not carry. */
    private const DEEPER = [1.0, 1.3, 1.6];

    public function __construct(private PaintBox $box) {}

    /**
     * @param School|null $school null: the few that suit the area best
     *
     * @return list<Proposal> the one that suits best first; none where no paint is to be had
     */
    public function write(WritingWish $wish, ?School $school = null): array
    {
        if ($school !== null) {
            return array_filter([$this->asIn($school, $wish)]);
        }
        $asked = $wish->colour();
        $cost = self::cost($wish->taste);
        // What the painter keeps decides how it ends: then it is not for us to leave anything out.
        $isBound = $wish->kept() !== [];
        $near = $off = $unlit = $stray = [];
        foreach ($this->fitting($wish) as $one) {
            $proposal = $this->asIn($one, $wish);
            if ($proposal === null || (! $isBound && $proposal->isMuddy($asked))) {
                continue;
            }
            $told = $proposal->isNear($asked)
                ? $proposal
                : $proposal->saying(sprintf('Done this way it ends %.0f off what was asked for.', $proposal->off($asked)));
            match (true) {
                $isBound => $near[] = $proposal,
                $proposal->strays($asked) => $stray[] = $proposal->saying('Done this way it ends as another colour: no paint at hand makes it.'),
                $proposal->isUnlit() && ! $wish->taste->isBrief() => $unlit[] = $told,
                $told !== $proposal || $proposal->remarks !== [] => $off[] = $told,
                default => $near[] = $proposal,
            };
            // Who counts something is shown the least of all there are.
            if ($cost === null && count($isBound ? $near : self::choices($near)) === self::PROPOSALS) {
                break;
            }
        }
        // Two good ones rather than an absurd third: what strays, shows no light or is found fault with is only shown where there is nothing else.
        $clean = array_values(array_filter($off, static fn(Proposal $one): bool => $one->remarks === []));
        $found = [...$near, ...($near === [] && $clean === [] ? $off : $clean)];
        $found = $found === [] ? array_slice([...$unlit, ...$stray], 0, 1) : $found;
        if ($cost !== null) {
            usort($found, static fn(Proposal $one, Proposal $other): int => $cost($one) <=> $cost($other));
        }

        return $isBound ? array_slice($found, 0, self::PROPOSALS) : self::choices($found);
    }

    /** @return (callable(Proposal): (int|float))|null what the taste wants little of */
    private static function cost(Taste $taste): ?callable
    {
        return match (true) {
            $taste->has(Wish::Faster) => static fn(Proposal $one): float => $one->minutes(),
            $taste->has(Wish::FewerSteps) => static fn(Proposal $one): int => count($one->area->steps),
            $taste->has(Wish::FewestPots) => static fn(Proposal $one): int => $one->pots(),
            default => null,
        };
    }

    /**
     * The first of those that one could not tell apart.
     *
     * @param list<Proposal> $proposals
     *
     * @return list<Proposal>
     */
    private static function choices(array $proposals): array
    {
        $chosen = [];
        foreach ($proposals as $proposal) {
            if (! array_any($chosen, static fn(Proposal $one): bool => $one->isTwinOf($proposal))) {
                $chosen[] = $proposal;
            }
        }

        return array_slice($chosen, 0, self::PROPOSALS);
    }

    private function asIn(School $school, WritingWish $wish): ?Proposal
    {
        $draft = $this->draft($school, $wish);
        if ($draft === null) {
            return null;
        }
        $kept = $wish->kept();
        [$mended, $findings] = self::mended($draft->plan(), $kept);
        foreach (self::DEEPER as $stretch) {
            // All else a deeper ladder does not mend.
            if (! array_any($findings, static fn(Finding $one): bool => $one->rule === 'flat-at-arms-length')) {
                break;
            }
            $deeper = $this->draft($school, $wish, true, $stretch) ?? $draft;
            [$also, $left] = self::mended($deeper->plan(), $kept);
            if (count($left) < count($findings)) {
                [$draft, $mended, $findings] = [$deeper, $also, $left];
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
            array_values(array_unique($draft->unreached)),
            array_column($findings, 'words'),
        );
    }

    private function draft(School $school, WritingWish $wish, bool $isDeep = false, float $stretch = 1.0): ?Draft
    {
        $draft = new Draft($wish, $wish->stepIds === '' ? $school->value : $wish->stepIds);

        return (new Lesson($wish, $this->box, $draft, $isDeep, $stretch))->follow($school) ? $draft : null;
    }

    /** @return list<School> best first */
    private function fitting(WritingWish $wish): array
    {
        $ground = $wish->plan();
        $look = $ground->strip($ground->areas[0])->final()->mean()->lightness;
        $suits = [];
        foreach (School::cases() as $school) {
            $suits[$school->value] = $school->suits($wish->area->texture, $wish->area->material, $wish->target, $wish->model->finishLevel, $look);
        }
        if ($wish->taste->has(Wish::FromDark)) {
            $dark = array_filter(
                $suits,
                static fn(float $suits, string $school): bool => $suits > 0.0 && School::from($school)->beginsDark(),
                ARRAY_FILTER_USE_BOTH,
            );
            $suits = $dark === [] ? $suits : $dark;
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
            static fn(Step $step): Step => isset($kept[$step->id]) ? $step : $step->told($step->more->writtenAs(new Written(
                $rungs[$step->id] ?? 'mend',
                $step->fingerprint(),
            ))),
            $own->steps,
        )));
    }

    /** @param array<string, Step> $kept by id */
    private static function leaves(Plan $plan, array $kept): bool
    {
        return array_all($kept, static fn(Step $step): bool => $plan->areas[0]->step($step->id)?->fingerprint() === $step->fingerprint());
    }

    /** A mend may change how something is done, in how many coats and where: not lay a tone that no rung of the ladder is. */
    private static function keepsTones(Plan $before, Plan $after): bool
    {
        return array_all($after->areas[0]->steps, static function (Step $step) use ($before): bool {
            $was = $before->areas[0]->step($step->id);

            return ($was === null || $was->technique->is($step->technique))
                && ($step->mix === null || $step->mix->isClear() || $was?->mix?->words() === $step->mix->words())
                && $step->coats <= max(self::MOST_COATS, $was->coats ?? 0);
        });
    }

    /**
     * Every finding with a mend is mended by the first that leaves fewer findings, and what the painter keeps as it is.
     *
     * @param array<string, Step> $kept by id
     *
     * @return array{Plan, list<Finding>} with what is still said of it
     */
    private static function mended(Plan $plan, array $kept): array
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
                    if (
                        count($after->areas) === 1
                        && self::leaves($after, $kept)
                        && self::keepsTones($plan, $after)
                        && count($left) < count($findings)
                    ) {
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

        return [$plan, $findings];
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
