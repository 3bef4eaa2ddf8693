<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use DateTimeImmutable;
use Kalokroma\Amounts\Amounts;
use Kalokroma\Amounts\Measures;
use Kalokroma\Amounts\Shortage;
use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Outline;
use Kalokroma\Planning\Paces;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Progress;
use Kalokroma\Planning\Record;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Planning\TouchUp;
use Kalokroma\Schedule\BatchSplit;
use Kalokroma\Schedule\Deadline;
use Kalokroma\Schedule\DryClock;
use Kalokroma\Schedule\DryKind;
use Kalokroma\Schedule\Filler;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Manner;
use Kalokroma\Schedule\Moment;
use Kalokroma\Schedule\Opening;
use Kalokroma\Schedule\RoundTrip;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Work;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What is asked at the desk: what dries, whether this may be begun, what slipped, and what must go for a day. */
final class AtTheDeskTest extends TestCase
{
    private const SCHEME = "undercoat none
        area coat broad-folds main cloth touches boots
          basecoat navy x2
          wash umber-wash
          highlight sky x1
        area boots broad-folds medium metal touches coat
          basecoat brown x1
          wash black-wash
          edge-highlight tan optional
        order coat-1 boots-1 coat-2 boots-2 coat-3 boots-3
        stop table-ready boots-2";

    public function testAClockRunsFromWhatWasLaidUntilWhatIsNextMayBegin(): void
    {
        $clocks = DryClock::all(self::work(self::SCHEME, 4, [new Done('coat-1', 1, 4, 1000), new Done('boots-1', null, 2, 1600)]));

        self::assertSame([
            ['coat-1', 1, [1, 2, 3, 4], 1000, 1000 + 20 * 60, 'coat-1', 2],
            ['boots-1', 1, [1, 2], 1600, 1600 + 20 * 60, 'boots-2', 1],
        ], array_map(
            static fn(DryClock $one): array => [
                $one->pass->step->id, $one->coat, $one->models, $one->since, $one->until, $one->next->step->id, $one->nextCoat,
            ],
            $clocks,
        ));
    }

    /** @return iterable<string, array{string, DryKind, int}> */
    public static function windows(): iterable
    {
        yield 'grime is wiped' => ["solvent-wash grime\n wipe-back", DryKind::Wipe, 120];
        yield 'lines are feathered' => ["streaks grime\n feather", DryKind::Feather, 10];
        yield 'varnish cures for decals' => ["gloss-coat gloss\n decal setting", DryKind::Cure, 1440];
        yield 'varnish dries for paint' => ["gloss-coat gloss\n highlight sky", DryKind::Dry, 60];
    }

    #[DataProvider('windows')]
    public function testAClockSaysWhatItIsFor(string $steps, DryKind $kind, int $minutes): void
    {
        $clocks = DryClock::all(self::work("undercoat none\narea coat broad-folds main cloth\n $steps", 1, [new Done('coat-1', null, 1, 0)]));

        self::assertSame([$kind, 60 * $minutes], [$clocks[0]->kind, $clocks[0]->until]);
    }

    public function testACoatMayBeginWhenWhatComesBeforeItIsDoneAndDry(): void
    {
        $openings = Opening::all(self::work(self::SCHEME, 4, [new Done('coat-1', null, 4, 5000), new Done('boots-1', null, 2, 6000)]));

        self::assertSame(
            [true, 5000 + 20 * 60],
            [$openings[Opening::key(0, 'coat-2', 1)]->canBegin, $openings[Opening::key(0, 'coat-2', 1)]->readyAt],
        );
        self::assertSame(
            [true, 6000 + 20 * 60],
            [$openings[Opening::key(0, 'boots-2', 1)]->canBegin, $openings[Opening::key(0, 'boots-2', 1)]->readyAt],
        );
        self::assertFalse($openings[Opening::key(0, 'coat-3', 1)]->canBegin);
        self::assertSame(
            [['stepId' => 'coat-1', 'seconds' => 20 * 60]],
            array_map(
                static fn(array $one): array => ['stepId' => $one['stepId'], 'seconds' => $one['seconds']],
                $openings[Opening::key(0, 'coat-2', 1)]->waitsFor,
            ),
        );
        self::assertContains('coat-2', array_column($openings[Opening::key(0, 'coat-3', 1)]->waitsFor, 'stepId'));
        self::assertArrayNotHasKey(Opening::key(0, 'coat-1', 1), $openings);
    }

    /** What is recorded is taken out of what was worked out, what is taken back comes first again, and nothing else moves. */
    public function testAnEveningDoesNotChangeItsMindWithEveryCoat(): void
    {
        $sessions = Schedules::endless();
        $whole = Scheduler::sequenceFor(self::work(self::SCHEME, 4, []), $sessions, Manner::Calm);
        $after = self::work(self::SCHEME, 4, [new Done('coat-1', null, 4, 0), new Done('boots-1', null, 2, 0)]);
        $rest = Scheduler::continued($after, $sessions, $whole, Manner::Calm);

        self::assertNotNull($rest);
        $left = static function (Work $work, array $sequence): array {
            $counts = array_fill(0, count($work->coats), 0);
            foreach ($sequence as [$coat, $count]) {
                $counts[$coat] += $count;
            }

            return $counts;
        };
        self::assertSame(array_map(static fn($coat): int => count($coat->models), $after->coats), $left($after, $rest));
        $order = static fn(array $sequence, array $among): array => array_values(array_intersect(array_column($sequence, 0), $among));
        self::assertSame($order($whole, array_column($rest, 0)), array_column($rest, 0));
        self::assertTrue(Scheduler::laid($after, $sessions, $rest, Manner::Calm)->isWhole());

        $back = Scheduler::continued(self::work(self::SCHEME, 4, []), $sessions, $rest, Manner::Calm);
        self::assertSame(
            array_map(static fn($coat): int => count($coat->models), self::work(self::SCHEME, 4, [])->coats),
            $left(self::work(self::SCHEME, 4, []), $back ?? []),
        );
        self::assertNull(
            Scheduler::continued(self::work(self::SCHEME, 4, []), $sessions, array_reverse($whole), Manner::Calm),
            'The wash cannot come before the base.',
        );
    }

    public function testSoManyMinutesNowAreFilledAndNeverPastTheirEnd(): void
    {
        $work = self::work(self::SCHEME, 4, []);
        $moment = static fn(int $minutes): Moment => Moment::of(
            $work,
            Session::of(new DateTimeImmutable(Schedules::BEGIN), $minutes),
            [
                Session::of(new DateTimeImmutable(Schedules::BEGIN), 600),
                Session::of((new DateTimeImmutable(Schedules::BEGIN))->modify('+1 day'), 600),
            ],
        );
        $begin = (new DateTimeImmutable(Schedules::BEGIN))->getTimestamp();
        $painted = static fn(Moment $one): int => array_sum(array_map(static fn($item): int => count($item->models), $one->items));
        foreach ([15, 40, 120] as $minutes) {
            foreach ([...$moment($minutes)->items, ...$moment($minutes)->others] as $item) {
                self::assertGreaterThanOrEqual($begin, $item->start);
                self::assertLessThanOrEqual($begin + 60 * $minutes, $item->end);
            }
        }
        self::assertGreaterThan($painted($moment(15)), $painted($moment(120)));

        // What is offered instead can be begun at once, is not what is painted anyway, and what fits whole comes first.
        $some = $moment(15);
        $chosen = array_map(static fn($item): string => $item->pass->step->id, $some->items);
        self::assertNotSame([], $some->others);
        self::assertLessThanOrEqual(3, count($some->others));
        foreach ($some->others as $other) {
            self::assertNotContains($other->pass->step->id, $chosen);
            self::assertSame($begin, $other->start);
        }
    }

    public function testWhatComesAfterALeftOutStepWaitsForWhatComesBeforeIt(): void
    {
        $plan = PlanSketch::plan("undercoat none\narea coat broad-folds medium cloth\n basecoat navy x1\n glaze ruby x1\n highlight sky x1");
        $schedule = Scheduler::schedule(Work::of([Job::of(SquadPlan::alike($plan, 1), null, ['coat-2'])]), Schedules::endless());

        self::assertSame(['coat-1', 'coat-3'], array_map(static fn($one): string => $one->pass->step->id, $schedule->items));
        self::assertGreaterThanOrEqual(20 * 60, $schedule->items[1]->start - $schedule->items[0]->end);
    }

    public function testForADayOptionalStepsGoFirstThenTheLastLightsNeverTheShade(): void
    {
        $job = Job::of(SquadPlan::alike(PlanSketch::plan(self::SCHEME), 10));
        $sessions = Schedules::sessions(...array_fill(0, 30, 45));
        $by = static fn(int $day): Deadline => Deadline::of(
            [$job],
            0,
            null,
            (new DateTimeImmutable(Schedules::BEGIN))->modify("+$day days 4 hours")->getTimestamp(),
            static fn(array $jobs): Schedule => Scheduler::roughly(Work::of($jobs), $sessions),
        );

        $whole = $by(29);
        self::assertTrue($whole->isMet);
        self::assertSame([], $whole->dropped);
        $tight = $by(1);
        self::assertFalse($tight->isMet);
        self::assertSame(['boots-3', 'coat-3'], array_map(static fn(Pass $pass): string => $pass->step->id, $tight->dropped));
    }

    public function testTheRoundTripCoversTheDryingFromSoManyModelsOn(): void
    {
        $rehearsal = Rehearsal::of(PlanSketch::plan(self::SCHEME));
        $pass = $rehearsal->order()->pass('boots-1');
        self::assertNotNull($pass);
        $trip = RoundTrip::of($rehearsal, $pass);

        // Two and a half minutes a model, twenty to dry.
        self::assertSame([20.0, 17.5, 10.0, 2.5, 0.0, 0.0], array_map($trip->wait(...), [1, 2, 5, 8, 9, 10]));
        self::assertSame(9, $trip->smallest());
        for ($models = 1; $models < 12; $models++) {
            self::assertSame($models >= $trip->smallest(), $trip->wait($models) === 0.0);
        }
    }

    public function testAllAtOnceIsNeverSlowerThanSplitAndWaitsLess(): void
    {
        $splits = BatchSplit::of(PlanSketch::plan(self::SCHEME), 20);

        self::assertSame([[20, 1], [10, 2], [5, 4], [1, 20]], array_map(static fn(BatchSplit $one): array => [$one->size, $one->count], $splits));
        for ($at = 1; $at < count($splits); $at++) {
            self::assertGreaterThanOrEqual($splits[$at - 1]->waitMinutes, $splits[$at]->waitMinutes);
            // Whatever way it is split, as much is painted; what it takes is set up again for each part.
            $again = ($splits[$at]->count - 1) * Paces::SET_UP * count(Rehearsal::of(PlanSketch::plan(self::SCHEME))->order()->passes);
            self::assertEqualsWithDelta(
                $splits[0]->minutes - $splits[0]->waitMinutes + $again,
                $splits[$at]->minutes - $splits[$at]->waitMinutes,
                0.5,
            );
        }
        self::assertSame(
            [[7, 1], [4, 2], [2, 4], [1, 7]],
            array_map(static fn(BatchSplit $one): array => [$one->size, $one->count], BatchSplit::of(PlanSketch::plan(self::SCHEME), 7)),
        );
    }

    public function testAWaitIsFilledWithOtherAreasThatAreReadyForIt(): void
    {
        $rehearsal = Rehearsal::of(PlanSketch::plan(self::SCHEME));
        $wash = $rehearsal->order()->pass('coat-2');
        self::assertNotNull($wash);
        $fills = static fn(float $minutes, int $models): array => array_map(
            static fn(Pass $pass): string => $pass->step->id,
            Filler::of($rehearsal, $wash, $minutes, $models),
        );

        self::assertSame(['boots-2'], $fills(30.0, 10));
        self::assertSame([], $fills(10.0, 10), 'fifteen minutes do not fit into ten');
    }

    public function testATouchUpIsBestDoneWhenNothingBesideItCanSpoilItAgain(): void
    {
        $touchUp = static function (array $done, string $step): TouchUp {
            $plan = PlanSketch::plan(self::SCHEME);
            $progress = Progress::of(SquadPlan::alike($plan, 4), array_map(static fn(string $id): Done => new Done($id, null, 4, 0), $done));

            return TouchUp::of(
                $progress,
                array_values(array_filter($progress->passes, static fn(Pass $one): bool => $one->step->id === $step))[0],
                2,
            );
        };

        self::assertSame('after Boots, wash', $touchUp(['coat-1', 'boots-1', 'coat-2'], 'coat-1')->when());
        self::assertSame('now', $touchUp(['coat-1', 'boots-1', 'coat-2', 'boots-2'], 'coat-1')->when());
        self::assertSame(['repaint', 'darken'], array_column($touchUp(['coat-1', 'coat-2'], 'coat-1')->ways, 'way'));
        self::assertSame(['repaint', 'darken', 'chip'], array_column($touchUp(['boots-1'], 'boots-1')->ways, 'way'), 'metal chips, cloth does not');
        self::assertStringContainsString('1 coat of Navy over the Brown', $touchUp(['coat-1', 'boots-1'], 'coat-1')->ways[0]['words']);
    }

    public function testAPotThatWillNotLastSaysForHowManyItDoes(): void
    {
        $amounts = Amounts::of($plan = PlanSketch::plan("undercoat none\narea coat broad-folds main cloth\n basecoat navy 1:0 x2"), 10);
        $needed = $amounts->poured()['paint navy']->ml;
        $short = Shortage::all($amounts->poured(), Shelf::of(array_values($plan->paints()), ['navy' => 0.65 * $needed]), 10, 0.045);

        self::assertSame([6, (int) ceil(0.35 * $needed / 0.045), true], [$short[0]->reachesModels, $short[0]->shortDrops, $short[0]->isOwned()]);
        self::assertSame([], Shortage::all($amounts->poured(), Shelf::of(array_values($plan->paints()), ['navy' => $needed]), 10, 0.045));
        self::assertFalse(Shortage::all($amounts->poured(), Shelf::of([]), 10, 0.045)[0]->isOwned());
    }

    public function testOfABatchUnderWayOnlyWhatIsLeftIsPoured(): void
    {
        $plan = PlanSketch::plan(self::SCHEME);
        $left = Amounts::left(
            Progress::of(SquadPlan::alike($plan, 10), [new Done('coat-1', 1, 10, 0), new Done('coat-1', 2, 5, 0)], ['boots-3']),
            Measures::usual(),
        );

        // A quarter of the two coats on ten models.
        self::assertEqualsWithDelta(0.25 * Amounts::of($plan, 10)->totals()['navy'], $left->totals()['navy'], 1e-9);
        self::assertArrayNotHasKey('tan', $left->totals());
    }

    /** @param list<Done> $done */
    private static function work(string $sketch, int $models, array $done): Work
    {
        $plan = PlanSketch::plan($sketch);
        return Work::of([Job::of(SquadPlan::alike($plan, $models), Record::of(Outline::of(SquadPlan::alike($plan, $models)), $done))]);
    }
}
