<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Kalokroma\Matching\Shelf;
use Kalokroma\Matching\Standing;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Need;
use Kalokroma\Planning\Needs;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Planning\StandIns;
use Kalokroma\Recipe\Plan;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Core\PlanSketch;

/** What a plan asks for, what the shelf has for it, and how far a batch of it is. */
final class NeedsTest extends TestCase
{
    private const SKETCH = <<<'PLAN'
        undercoat black light bone
        area coat broad-folds main cloth
          basecoat navy
          wash blue-wash 1:1
          layer navy
        area belt hard-edged-panel small leather
          basecoat navy sky 1:0
        whole
          matt-coat matt
        PLAN;

    public function testEachPaintAndMixIsAskedForOnceWhereverItIsUsed(): void
    {
        $needs = Needs::of($this->plan());

        self::assertSame([['black', 1], ['bone', 1], ['navy', 2], ['blue-wash', 1], ['navy+sky', 1]], array_map(
            static fn(Need $need): array => [
                implode('+', array_map(static fn($one): string => $one->paint->id, $need->mix->ingredients)),
                count($need->uses),
            ],
            $needs->all,
        ));
        self::assertSame(['Coat: basecoat', 'Coat: layer', 'Belt: basecoat'], $needs->byPaint()['navy']);
        self::assertSame([['Undercoat: all over'], ['Undercoat: from above']], [$needs->byPaint()['black'], $needs->byPaint()['bone']]);
        // Varnish is bought for what it does; no colour is asked for.
        self::assertArrayNotHasKey('matt', $needs->byPaint());
    }

    /** Paint is sprayed from one can: for an undercoat nothing is mixed, however near two paints would come. */
    public function testAnUndercoatTakesNoMix(): void
    {
        $shelf = Substitutes::forMany(self::paints('coal', 'snow', 'mid-grey', 'sky', 'white'));
        $needs = Needs::of(PlanSketch::plan("undercoat grey\narea a broad-folds main cloth\n basecoat blue"));
        [$undercoat, $base] = $needs->all;

        self::assertNotEmpty($undercoat->on($shelf, 20.0)->offers);
        foreach ($undercoat->on($shelf, 20.0)->offers as $offer) {
            self::assertCount(1, $offer->mix->ingredients);
        }
        self::assertNotEmpty(array_filter($base->on($shelf, 20.0)->offers, static fn($offer): bool => count($offer->mix->ingredients) > 1));
        self::assertSame(Standing::Owned, $base->on(Substitutes::forMany(self::paints('blue')), 4.0)->standing);
    }

    public function testAShelfTellsWhatIsMissingWithoutMakingAPaint(): void
    {
        $plan = $this->plan();
        $shelf = Shelf::stocked(['black' => 12.0, 'navy' => 0.5], static fn(): array => throw new RuntimeException('Nobody asked for a paint.'));

        self::assertSame(
            ['bone', 'matt', 'blue-wash', 'sky'],
            array_map(static fn(Paint $one): string => $one->id, $shelf->missing($plan->paints())),
        );
        self::assertSame([0.5, null], [$shelf->mlLeft($plan->paints()['navy']), $shelf->mlLeft($plan->paints()['sky'])]);
        self::assertSame(['navy'], array_keys(Shelf::of(self::paints('navy'))->owned()));
    }

    /** The strip of an offer is that of the whole plan: the varnish over it stays. */
    public function testStandInsAreSeenInTheirPlaceInThePlan(): void
    {
        $rehearsal = Rehearsal::of($this->plan());
        $found = StandIns::of($rehearsal, 'coat-1', Shelf::of(self::paints('blue', 'black-wash', 'coal')));

        self::assertNotNull($found);
        self::assertNotEmpty($found->offers);
        foreach ($found->offers as [$offer, $strip]) {
            self::assertSame(
                array_map(static fn($stage): string => $stage->application->id, $found->asPlanned->stages),
                array_map(static fn($stage): string => $stage->application->id, $strip->stages),
            );
        }
        self::assertNull(StandIns::of($rehearsal, 'nobody', Shelf::of([])));
        self::assertSame([], StandIns::of($rehearsal, 'coat-1', Shelf::of([]))->offers ?? null);
    }

    public function testABatchIsAsFarAsItsPasses(): void
    {
        $plan = $this->plan();
        $begun = self::begun($plan, 5, ['undercoat' => 5, 'undercoat-light' => 5, 'coat-1' => 3]);
        $done = self::begun($plan, 5, array_fill_keys(array_map(static fn($pass): string => $pass->step->id, $begun->passes), 5));

        self::assertSame('coat-1', $begun->next()?->step->id);
        self::assertSame([3, 2, 0, 5], [$begun->doneOn('coat-1'), $begun->left('coat-1'), $begun->doneOn('belt-1'), $begun->left('belt-1')]);
        self::assertSame([true, false], [$begun->isDone($begun->passes[0]), $begun->isDone($begun->passes[2])]);
        self::assertCount(count($begun->passes) - 2, $begun->open());
        self::assertSame([null, []], [$done->next(), $done->open()]);
        // More was recorded than the batch has now: nothing is left, and nothing is owed.
        self::assertSame(0, self::begun($plan, 2, ['coat-1' => 5])->left('coat-1'));
    }

    private function plan(): Plan
    {
        return PlanSketch::plan(self::SKETCH);
    }

    /** @return list<Paint> */
    private static function paints(string ...$names): array
    {
        $sketch = "undercoat black\narea a broad-folds main cloth\n";
        $all = PlanSketch::plan($sketch.implode("\n", array_map(static fn(string $name): string => ' '.self::step($name), $names)))->paints();

        return array_values(array_intersect_key($all, array_flip($names)));
    }

    private static function step(string $name): string
    {
        return match (PlanSketch::PAINTS[$name][0]) {
            'wash' => "wash $name",
            'primer' => "primer $name",
            default => "basecoat $name",
        };
    }

    /** @param array<string, int> $done models by step id */
    private static function begun(Plan $plan, int $models, array $done): Progress
    {
        return Progress::of(
            SquadPlan::alike($plan, $models),
            array_map(static fn(string $step, int $on): Done => new Done($step, null, $on, 0), array_map(strval(...), array_keys($done)), $done),
        );
    }
}
