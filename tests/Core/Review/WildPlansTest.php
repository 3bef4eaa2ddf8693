<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Matching\Shelf;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\WildPlans;

/** What holds of any plan, however little sense it makes. */
final class WildPlansTest extends TestCase
{
    /** More of them: WILD_PLANS=400 in the environment. */
    private const PLANS = 40;

    /** A transparent base beside its like, and mud on the shelf. */
    private const ONCE_FELL_OVER = 123;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([...range(1, (int) (getenv('WILD_PLANS') ?: self::PLANS)), self::ONCE_FELL_OVER] as $seed) {
            yield "plan $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testEachStepIsPaintedOnceAndEveryRecipeKeepsItsSequence(int $seed): void
    {
        $plan = self::plan(WildPlans::document($seed));
        $order = Rehearsal::of($plan)->order();

        self::assertEqualsCanonicalizing(
            array_map(
                static fn(Step $one): string => $one->id,
                [...array_merge(...array_map(static fn(Area $one): array => $one->steps, $plan->areas)), ...$plan->wholeModel],
            ),
            array_map(
                static fn(Pass $one): string => $one->step->id,
                array_values(array_filter($order->passes, static fn(Pass $one): bool => ! $one->isUndercoat)),
            ),
        );
        foreach ($plan->areas as $area) {
            $places = array_map(static fn(Step $one): int => $order->place($one->id), $area->steps);
            $sorted = $places;
            sort($sorted);
            self::assertSame($sorted, $places);
        }
    }

    #[DataProvider('seeds')]
    public function testFindingsSpeakOfThePlanWorstFirstAndEachOnce(int $seed): void
    {
        $plan = self::plan(WildPlans::document($seed));
        $findings = self::findings($plan);
        $ranks = array_map(static fn(Finding $one): int => $one->severity->rank(), $findings);
        $sorted = $ranks;
        sort($sorted);

        self::assertSame($sorted, $ranks);
        self::assertSame(array_unique($keys = array_map(self::key(...), $findings)), $keys);
        foreach ($findings as $finding) {
            self::assertTrue($finding->area === null || $plan->area($finding->area) !== null, $finding->rule);
            self::assertTrue($finding->step === null || $plan->step($finding->step) !== null, $finding->rule);
            self::assertNotSame('', $finding->otherSchool, $finding->rule);
        }
    }

    /** A mend that leaves what it was to mend is worse than none. */
    #[DataProvider('seeds')]
    public function testEveryMendCanBeMadeAndSettlesItsFinding(int $seed): void
    {
        $plan = self::plan(WildPlans::document($seed));
        $left = [];
        foreach (self::findings($plan) as $finding) {
            foreach ($finding->mends as $mend) {
                foreach (self::findings($mend->edit->applyTo($plan)) as $after) {
                    if (! $after->isSilenced && self::key($after) === self::key($finding)) {
                        $left[] = "$mend->label: $finding->why AFTER: $after->rule at $after->step, $after->why";
                    }
                }
            }
        }
        self::assertSame([], $left);
    }

    #[DataProvider('seeds')]
    public function testWrittenReadAndWrittenAgainItIsTheSame(int $seed): void
    {
        $once = json_encode(PlanDocument::ofPlan(self::plan(WildPlans::document($seed)))->fields, JSON_THROW_ON_ERROR);

        self::assertSame($once, json_encode(PlanDocument::ofPlan(self::plan(json_decode($once, true)))->fields));
    }

    private static function key(Finding $finding): string
    {
        return "$finding->rule $finding->area $finding->step";
    }

    /** @return list<Finding> */
    private static function findings(Plan $plan): array
    {
        return Review::of(Scene::of(Rehearsal::of($plan), Shelf::of(self::paints()), 5));
    }

    /** @return list<Paint> */
    private static function paints(): array
    {
        static $paints = null;

        return $paints ??= array_values(array_filter(
            DocumentPaints::of(WildPlans::document(1))->paints,
            static fn(Paint $one): bool => $one->id !== 'shiny',
        ));
    }

    /** @param array<string, mixed> $document */
    private static function plan(array $document): Plan
    {
        return PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));
    }
}
