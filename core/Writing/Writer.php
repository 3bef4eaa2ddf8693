<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;
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

    public function __construct(private PaintBox $box) {}

    /**
     * @param School|null $school null: the few that suit the area best
     *
     * @return list<Proposal> the one that suits best first; none where no paint is to be had
     */
    public function write(WritingWish $wish, ?School $school = null): array
    {
        $schools = $school === null ? array_slice($this->fitting($wish), 0, self::PROPOSALS) : [$school];

        return array_values(array_filter(array_map(fn(School $one): ?Proposal => $this->asIn($one, $wish), $schools)));
    }

    private function asIn(School $school, WritingWish $wish): ?Proposal
    {
        $draft = $this->draft($school, $wish);
        if ($draft === null) {
            return null;
        }
        $mended = self::mended($draft->plan());
        if (self::findings($mended) !== []) {
            $deeper = $this->draft($school, $wish, true) ?? $draft;
            $also = self::mended($deeper->plan());
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
            $mended,
            $reasons,
            $draft->toBuy,
            $draft->unreached,
            array_map(static fn(Finding $one): string => $one->words, self::findings($mended)),
        );
    }

    private function draft(School $school, WritingWish $wish, bool $isDeep = false): ?Draft
    {
        $draft = new Draft($wish->plan(), $wish->stepIds === '' ? $school->value : $wish->stepIds);

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
        }
        arsort($suits);

        return array_map(School::from(...), array_keys(array_filter($suits, static fn(float $one): bool => $one > 0.0)));
    }

    /** Every finding with a mend is mended by the first that leaves fewer findings. */
    private static function mended(Plan $plan): Plan
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
                    if (count($after->areas) === 1 && count($left) < count($findings)) {
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
