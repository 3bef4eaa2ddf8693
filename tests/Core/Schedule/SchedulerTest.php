<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use DateTimeImmutable;
use Kalokroma\Planning\Climate;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Outline;
use Kalokroma\Planning\Record;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Schedule\Bound;
use Kalokroma\Schedule\Desk;
use Kalokroma\Schedule\ExactSearch;
use Kalokroma\Schedule\Item;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Manner;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Sessions;
use Kalokroma\Schedule\Work;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is painted when: every schedule can be painted, and none of the small ones could be through sooner. */
final class SchedulerTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 18; $seed++) {
            yield "plan $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testWhateverThePlanNothingIsLaidOnWhatIsWet(int $seed): void
    {
        $job = Schedules::job(Schedules::wild($seed, 16), 1 + $seed % 7);
        $sessions = $seed % 2 === 0 ? Schedules::endless() : Schedules::sessions(...array_fill(0, 60, 60 + 10 * $seed));

        $schedule = self::schedule($job, $sessions);

        self::assertTrue($schedule->isWhole());
        Schedules::mustHold($schedule, $job, $sessions);
        self::assertGreaterThanOrEqual($schedule->work->lowerBound(), (int) $schedule->finish() - $sessions->all[0]->from());
    }

    #[DataProvider('seeds')]
    public function testNoSequenceOfUpToEightStepsIsThroughSooner(int $seed): void
    {
        $job = Schedules::job(str_replace(
            [' x3', 'undercoat black light bone wait 90'],
            [' x1', 'undercoat none'],
            Schedules::wild($seed, 8, false),
        ));
        $sessions = $seed % 3 === 0 ? Schedules::sessions(...array_fill(0, 40, 45)) : Schedules::endless();
        $desk = new Desk(Work::of([$job]), $sessions);

        $soonest = self::soonest($desk);
        self::assertSame($soonest, self::schedule($job, $sessions)->finish());
        self::assertLessThanOrEqual($soonest, Bound::of($desk), 'no bound forbids what can be');
    }

    /** Found from the worst that can be, too: what it leaves out is never what would have been better. */
    public function testGoingThroughAllSequencesEndsWithTheBest(): void
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            $job = Schedules::job(str_replace(
                [' x3', 'undercoat black light bone wait 90'],
                [' x1', 'undercoat none'],
                Schedules::wild($seed, 8, false),
            ));
            $desk = new Desk(Work::of([$job]), $seed % 2 === 0 ? Schedules::sessions(...array_fill(0, 60, 30)) : Schedules::endless());
            $asListed = array_map(static fn(int $coat): array => [$coat, 1], array_keys($desk->span));

            $found = ExactSearch::of($desk, $asListed, $desk->begin(), true);

            self::assertSame(self::soonest($desk), $desk->cost($found)[0] ?? null, "plan $seed");
        }
    }

    /** @return iterable<string, array{int, int}> */
    public static function small(): iterable
    {
        foreach ([2, 3] as $models) {
            for ($seed = 100; $seed <= 108; $seed++) {
                yield "plan $seed on $models models" => [$seed, $models];
            }
        }
    }

    #[DataProvider('small')]
    public function testNorOfSeveralModelsTakenOneByOne(int $seed, int $models): void
    {
        $areas = 'area a broad-folds medium cloth
            '.['basecoat navy x1', 'wash umber-wash', 'glaze ruby x1'][$seed % 3].'
            '.['highlight sky x1', 'layer blue x1'][$seed % 2].'
          area b broad-folds '.['small', 'large', 'main'][$seed % 3].' cloth
            '.['layer blue x1', 'basecoat red x1', 'drybrush tan x1', 'wash umber-wash 1:0'][$seed % 4];
        $job = Schedules::job("undercoat none\n$areas", $models);
        $sessions = $seed % 5 === 0 ? Schedules::sessions(...array_fill(0, 40, 25)) : Schedules::endless();

        self::assertSame(self::soonest(new Desk(Work::of([$job]), $sessions)), self::schedule($job, $sessions)->finish());
    }

    #[DataProvider('seeds')]
    public function testInWholeCoatsEachIsLaidOnAllModelsInOneGo(int $seed): void
    {
        $job = Schedules::job(Schedules::wild($seed, 14), 2 + $seed % 4);
        $sessions = $seed % 2 === 0 ? Schedules::endless() : Schedules::sessions(...array_fill(0, 90, 120));

        $schedule = Scheduler::inWholeCoats(Work::of([$job]), $sessions);

        Schedules::mustHold($schedule, $job, $sessions);
        $items = [];
        foreach ($schedule->items as $item) {
            $items["{$item->pass->step->id} $item->coat"][] = $item->models;
        }
        foreach (Rehearsal::of($job->plan)->order()->passes as $pass) {
            for ($coat = 1; $coat <= $pass->step->coats; $coat++) {
                self::assertSame(
                    $pass->step->isPerModel()
                        ? array_map(static fn(int $model): array => [$model], range(1, $job->models))
                        : [range(1, $job->models)],
                    $items["{$pass->step->id} $coat"],
                );
            }
        }
    }

    public function testAndNoOrderOfWholeCoatsIsThroughSooner(): void
    {
        for ($seed = 1; $seed <= 30; $seed++) {
            $job = Schedules::job(
                str_replace([' x3', 'undercoat black light bone wait 90'], [' x1', 'undercoat none'], Schedules::wild($seed, 6, false)),
                2 + $seed % 3,
            );
            $sessions = $seed % 2 === 0 ? Schedules::endless() : Schedules::sessions(...array_fill(0, 60, 70));
            $desk = new Desk(Work::of([$job]), $sessions, Manner::WholeCoats);

            self::assertSame(self::soonest($desk, $job->models), Scheduler::inWholeCoats(Work::of([$job]), $sessions)->finish(), "plan $seed");
        }
    }

    public function testABatchThatNoSessionIsLongEnoughForIsTornApartAllTheSame(): void
    {
        $job = Schedules::job("undercoat none\narea coat broad-folds medium cloth\n basecoat navy x1", 10);

        // Three minutes to set up, two and a half for each of eight: the ninth is too many.
        $items = Scheduler::inWholeCoats(Work::of([$job]), Schedules::sessions(25, 25))->items;

        self::assertSame([range(1, 8), range(9, 10)], array_map(static fn(Item $one): array => $one->models, $items));
    }

    /** @return iterable<string, array{string, int}> the batches of the demo */
    public static function demo(): iterable
    {
        yield 'the night shift' => ['ferry-warden', 10];
        yield 'the Provost' => ['heron-provost', 1];
        yield 'one capstan' => ['bound-capstan', 1];
        yield 'three capstans' => ['bound-capstan', 3];
    }

    #[DataProvider('demo')]
    public function testTheDemoIsNeverFarFromWhatCannotBeBeaten(string $plan, int $models): void
    {
        $job = Job::of(SquadPlan::alike(Schedules::demoPlan($plan), $models));
        $sessions = Schedules::endless();

        $schedule = self::schedule($job, $sessions);

        Schedules::mustHold($schedule, $job, $sessions);
        self::assertGreaterThanOrEqual(
            $schedule->work->lowerBound(),
            Bound::of($desk = new Desk($schedule->work, $sessions)) - $desk->begin(),
            'it knows more than hands and chain',
        );
        self::assertLessThanOrEqual(1.1 * (Bound::of($desk) - $desk->begin()), (int) $schedule->finish() - $desk->begin());
    }

    #[DataProvider('demo')]
    public function testAndOverEveningsNearTheBoundThatKnowsThem(string $plan, int $models): void
    {
        $job = Job::of(SquadPlan::alike(Schedules::demoPlan($plan), $models));
        $sessions = Schedules::sessions(...array_map(static fn(int $day): int => $day % 7 > 4 ? 240 : 90, range(0, 60)));
        $desk = new Desk(Work::of([$job]), $sessions);

        $schedule = self::schedule($job, $sessions);

        Schedules::mustHold($schedule, $job, $sessions);
        self::assertLessThanOrEqual(1.1 * self::atTheDesk($sessions, Bound::of($desk)), self::atTheDesk($sessions, (int) $schedule->finish()));
    }

    public function testAnotherAreaIsPaintedWhileOneDries(): void
    {
        // The wash takes a minute and a half and half an hour to dry; two coats on the boots, twenty minutes apart, each set up in three, fit in.
        $job = Schedules::job("undercoat none
            area coat broad-folds medium cloth
              wash umber-wash
              layer blue x1
            area boots broad-folds medium leather
              basecoat brown x1
              basecoat leather x1");

        $schedule = self::schedule($job, Schedules::endless());

        self::assertSame(['coat-1 3–4', 'boots-1 7–10', 'boots-2 30–32', 'coat-2 35–38'], self::told($schedule));
        self::assertSame(
            [['boots-1', 13, 30]],
            array_map(static fn($wait): array => [$wait->stepId, self::minute($wait->start), self::minute($wait->end)], $schedule->waits),
        );
    }

    public function testWhatAModelWaitsForIsCountedOnThatModel(): void
    {
        $job = Schedules::job("undercoat none\narea coat broad-folds medium cloth\n basecoat navy x1\n layer blue x1", 8);

        // Twenty minutes of drying, two and a half for each of eight models: back at the first it has dried just as long, and the next is thinned.
        self::assertSame(['coat-1 3–23', 'coat-2 26–50'], self::told(self::schedule($job, Schedules::endless())));
    }

    public function testALongDryingEndsTheEvening(): void
    {
        $job = Schedules::job("undercoat none
            area deck broad-folds medium wood
              wash umber-wash load flooded
              drybrush tan x1
            area coat broad-folds medium cloth
              basecoat navy x1
              layer blue x1
              highlight sky x1", 3);

        $schedule = self::schedule($job, $sessions = Schedules::sessions(45, 45));

        Schedules::mustHold($schedule, $job, $sessions);
        self::assertSame([0, 1], array_values(array_unique(array_map(static fn(Item $one): int => $one->session, $schedule->items))));
        foreach ($schedule->items as $item) {
            self::assertSame($item->pass->step->id === 'deck-2' ? 1 : $item->session, $item->session);
        }
    }

    public function testGritFollowsItsPasteModelByModelAndChipsTheirCoatWithinTheHour(): void
    {
        $job = Schedules::job("undercoat grey
            area base rubble small ground ground
              texture-paste mud
              grit
              drybrush tan
            area hull smooth-panel medium metal
              chipping-fluid lifter
              basecoat red x2
              chip", 3);

        $schedule = self::schedule($job, $sessions = Schedules::sessions(600, 600, 600));

        Schedules::mustHold($schedule, $job, $sessions);
        foreach (Rehearsal::of($job->plan)->order()->passes as $pass) {
            $into = ['base-2' => ['base-1', 1, 15], 'hull-3' => ['hull-2', 2, 60]][$pass->step->id] ?? null;
            foreach ($into === null ? [] : [1, 2, 3] as $model) {
                $before = Rehearsal::of($job->plan)->order()->pass($into[0]);
                self::assertNotNull($before);
                $end = Schedules::ends($schedule, $before, $model, $into[1]);
                $start = Schedules::starts($schedule, $pass, $model, 1);
                self::assertLessThanOrEqual(60 * $into[2], $start - $end);
                foreach ($schedule->items as $item) {
                    self::assertFalse($item->start >= $end && $item->end <= $start && $item->models !== [$model], 'no other model comes between');
                }
            }
        }
    }

    public function testPasteGoesOnDryingUnderItsGrit(): void
    {
        $job = Schedules::job("undercoat none\narea base rubble small ground ground\n texture-paste mud\n grit\n drybrush tan x1");

        self::assertGreaterThanOrEqual(
            480 * 60,
            self::schedule($job, Schedules::endless())->items[2]->start - self::schedule($job, Schedules::endless())->items[0]->end,
        );
    }

    public function testWhatIsLockedStaysWhereItStands(): void
    {
        $sketch = "undercoat none
            area coat broad-folds medium cloth
              basecoat navy x1
              layer blue x1
            area boots broad-folds medium leather
              basecoat brown x1
            order coat-1 coat-2 boots-1";

        self::assertSame(
            ['coat-1', 'boots-1', 'coat-2'],
            array_map(static fn(Item $one): string => $one->pass->step->id, self::schedule(Schedules::job($sketch), Schedules::endless())->items),
        );
        self::assertSame(
            ['coat-1', 'coat-2', 'boots-1'],
            array_map(
                static fn(Item $one): string => $one->pass->step->id,
                self::schedule(Schedules::job("$sketch\nlocked boots-1"), Schedules::endless())->items,
            ),
        );
    }

    public function testNothingIsTakenUpBeforeAStepThatIsLockedBeforeIt(): void
    {
        $sketch = "undercoat none
            area boots broad-folds medium leather
              basecoat brown x1
            area deck broad-folds medium wood
              wash umber-wash load flooded
              drybrush tan x1
            order boots-1 deck-1 deck-2";

        // What dries for hours is begun first, unless the painter has said otherwise.
        self::assertSame('deck-1', self::schedule(Schedules::job($sketch), Schedules::endless())->items[0]->pass->step->id);
        self::assertSame('boots-1', self::schedule(Schedules::job("$sketch\nlocked boots-1"), Schedules::endless())->items[0]->pass->step->id);
    }

    public function testHoweverColdItIsACoatIsChippedWithinTheHour(): void
    {
        $job = Schedules::job("undercoat none\narea hull smooth-panel medium metal\n chipping-fluid lifter\n basecoat red x1\n chip");
        $items = Scheduler::schedule(Work::of([$job], Climate::of(4.0, 95.0)), Schedules::endless())->items;

        self::assertSame('hull-3', $items[count($items) - 1]->pass->step->id);
        self::assertSame(3600, $items[count($items) - 1]->start - $items[count($items) - 2]->end);
    }

    public function testWhatIsDoneIsLeftAloneAndHasDriedSince(): void
    {
        $begin = (new DateTimeImmutable(Schedules::BEGIN))->getTimestamp();
        $plan = Schedules::job("undercoat none\narea coat broad-folds medium cloth\n basecoat navy x1\n layer blue x1", 2)->plan;
        $job = Job::of(
            SquadPlan::alike($plan, 2),
            Record::of(
                Outline::of(SquadPlan::alike($plan, 2)),
                [new Done('coat-1', null, 1, $begin - 15 * 60), new Done('coat-1', 1, 1, $begin - 300)],
            ),
        );

        $schedule = self::schedule($job, Schedules::endless());

        // Model 1 has five minutes to go, model 2 fifteen: laid one after the other without a pause between.
        self::assertSame(['coat-2 12–18'], self::told($schedule));
    }

    public function testColdAndDampStretchIt(): void
    {
        $job = Schedules::job(Schedules::wild(4, 12), 2);
        $damp = Climate::of(12.0, 75.0);
        $sessions = Schedules::endless();

        $schedule = Scheduler::schedule(Work::of([$job], $damp), $sessions);

        Schedules::mustHold($schedule, $job, $sessions, $damp);
        self::assertGreaterThan(self::schedule($job, $sessions)->finish(), $schedule->finish());
    }

    public function testSeveralBatchesShareOneDesk(): void
    {
        $jobs = [Schedules::job(Schedules::wild(5, 12), 3), Schedules::job(Schedules::wild(6, 12), 1), Schedules::job(Schedules::wild(7, 12), 5)];

        $sessions = Schedules::endless();
        $schedule = Scheduler::schedule(Work::of($jobs), $sessions);

        self::assertTrue($schedule->isWhole());
        $free = 0;
        foreach ($schedule->items as $item) {
            self::assertGreaterThanOrEqual($free, $item->start);
            $free = $item->end;
        }
        self::assertSame(max(array_map(static fn(int $job): ?int => $schedule->finish($job), [0, 1, 2])), $free);
        // Together they wait less than one after the other.
        self::assertLessThan(
            array_sum(array_map(static fn(Job $job): int => self::schedule($job, $sessions)->finish() - $sessions->all[0]->from(), $jobs)),
            $free - $sessions->all[0]->from(),
        );
    }

    public function testWhatFindsNoSessionIsSaid(): void
    {
        $job = Schedules::job("area coat broad-folds medium cloth\n basecoat navy\n freehand snow x1", 4);

        self::assertStringContainsString('do not suffice', self::schedule($job, Schedules::sessions(20, 20))->words());
        self::assertStringContainsString(
            '"Freehand" on one model: it takes 12 minutes',
            self::schedule($job, Schedules::sessions(10, 10, 10, 10, 10))->words(),
        );
    }

    private static function schedule(Job $job, Sessions $sessions): Schedule
    {
        return Scheduler::schedule(Work::of([$job]), $sessions);
    }

    /** @return list<string> */
    private static function told(Schedule $schedule): array
    {
        return array_map(
            static fn(Item $one): string => sprintf('%s %d–%d', $one->pass->step->id, self::minute($one->start), self::minute($one->end)),
            $schedule->items,
        );
    }

    /** @return iterable<string, array{string, int}> */
    public static function batches(): iterable
    {
        yield from self::demo();
        yield 'twenty wardens' => ['ferry-warden', 20];
    }

    /** An hour later would do, or the next evening: a mix does not keep for weeks. */
    #[DataProvider('batches')]
    public function testTwoCoatsOfAStepAreNeverWeeksApart(string $plan, int $models): void
    {
        $sessions = Schedules::sessions(...array_map(static fn(int $day): int => $day % 7 > 4 ? 240 : 90, range(0, 60)));

        $schedule = Scheduler::schedule(Work::of([Job::of(SquadPlan::alike(Schedules::demoPlan($plan), $models))]), $sessions, Manner::Calm);

        $ended = [];
        foreach ($schedule->items as $item) {
            $before = $ended[$item->pass->step->id][$item->coat - 1] ?? $item->start;
            self::assertLessThan(2.2 * 86400, $item->start - $before, "{$item->pass->step->id} coat $item->coat");
            $ended[$item->pass->step->id][$item->coat] = $item->end;
        }
    }

    public function testAPassIsSetUpOnceForAllItsModelsAndCoats(): void
    {
        $job = static fn(int $models): Work => Work::of([Schedules::job(
            "undercoat none\narea coat broad-folds medium cloth\n basecoat navy x2\n layer blue x1",
            $models,
        )]);

        self::assertSame((int) (60 * (2 * 3.0 + 2 * 2.5 + 3.0)), $job(1)->handsOn());
        self::assertSame((int) (60 * (2 * 3.0 + 10 * (2 * 2.5 + 3.0))), $job(10)->handsOn());
    }

    /** Seconds of the sessions up to a time: nights between are nobody's fault. */
    private static function atTheDesk(Sessions $sessions, int $until): int
    {
        return array_sum(array_map(static fn(Session $one): int => max(0, min($until, $one->to()) - $one->from()), $sessions->all));
    }

    private static function minute(int $time): int
    {
        return intdiv($time - (new DateTimeImmutable(Schedules::BEGIN))->getTimestamp(), 60);
    }

    /** Every sequence of coats on so many models at once, gone through one by one. */
    private static function soonest(Desk $desk, int $atOnce = 1): int
    {
        $best = PHP_INT_MAX;
        $go = static function (array $sequence, array $next) use (&$go, &$best, $desk, $atOnce): void {
            $isThrough = true;
            foreach ($desk->models as $coat => $models) {
                if ($next[$coat] < count($models)) {
                    $isThrough = false;
                    $count = $desk->work->coats[$coat]->isCarried ? 1 : $atOnce;
                    $longer = [...$sequence, [$coat, $count]];
                    if ($desk->lay($longer) !== null) {
                        $then = $next;
                        $then[$coat] += $count;
                        $go($longer, $then);
                    }
                }
            }
            if ($isThrough) {
                $best = min($best, $desk->cost($sequence)[0] ?? PHP_INT_MAX);
            }
        };
        $go([], array_fill(0, count($desk->models), 0));

        return $best;
    }
}
