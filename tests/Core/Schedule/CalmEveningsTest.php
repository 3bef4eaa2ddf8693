<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use DateTimeImmutable;
use Kalokroma\Craft\SprayMethod;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Outline;
use Kalokroma\Planning\Record;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SprayDay;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Schedule\Item;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Manner;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Sessions;
use Kalokroma\Schedule\SprayHours;
use Kalokroma\Schedule\Work;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/**
 * Evenings as one likes to sit through them: what lies begun is taken up first, no pot is opened for one of ten, and no can goes out into
 * the damp.
 */
final class CalmEveningsTest extends TestCase
{
    private const HOUR = 3600;

    /** @return iterable<string, array{string, int, int, int}> plan, models, minutes of an evening, passes done */
    public static function halfWay(): iterable
    {
        yield 'ten wardens' => ['ferry-warden', 10, 90, 6];
        yield 'ten wardens, later' => ['ferry-warden', 10, 90, 14];
        yield 'five wardens' => ['ferry-warden', 5, 60, 6];
        yield 'twenty wardens' => ['ferry-warden', 20, 120, 9];
        yield 'four capstans' => ['bound-capstan', 4, 60, 8];
    }

    #[DataProvider('halfWay')]
    public function testWhatLiesBegunIsTakenUpFirst(string $name, int $models, int $minutes, int $done): void
    {
        $plan = Schedules::demoPlan($name);
        $passes = Rehearsal::of($plan)->order()->passes;
        $partly = (int) ($models * 0.4);
        $entries = array_map(static fn(int $at): Done => new Done($passes[$at]->step->id, null, $models, 1000 + $at), range(0, $done - 1));
        $job = Job::of(
            SquadPlan::alike($plan, $models),
            Record::of(Outline::of(SquadPlan::alike($plan, $models)), [...$entries, new Done($passes[$done]->step->id, null, $partly, 2000)]),
        );

        $items = Scheduler::schedule(Work::of([$job]), self::evenings($minutes), Manner::Calm)->items;

        self::assertSame([$passes[$done]->step->id, range($partly + 1, $models)], [$items[0]->pass->step->id, $items[0]->models]);
    }

    /** @return iterable<string, array{string, int, int}> */
    public static function batches(): iterable
    {
        yield 'ten wardens' => ['ferry-warden', 10, 90];
        yield 'eight wardens' => ['ferry-warden', 8, 120];
        yield 'twenty wardens' => ['ferry-warden', 20, 120];
        yield 'twelve capstans' => ['bound-capstan', 12, 75];
    }

    #[DataProvider('batches')]
    public function testNoPotIsOpenedForOneModelOfTenAtTheEndOfAnEvening(string $name, int $models, int $minutes): void
    {
        $job = Job::of(SquadPlan::alike(Schedules::demoPlan($name), $models));
        $sessions = self::evenings($minutes);
        $soonest = Scheduler::schedule(Work::of([$job]), $sessions);

        $calm = Scheduler::schedule(Work::of([$job]), $sessions, Manner::Calm);

        Schedules::mustHold($calm, $job, $sessions);
        self::assertSame([], self::openedForFew($calm, $models, $sessions));
        self::assertLessThan(self::torn($soonest), self::torn($calm));
        self::assertLessThanOrEqual(
            1,
            $calm->items[count($calm->items) - 1]->session - $soonest->items[count($soonest->items) - 1]->session,
            'It costs an evening at most.',
        );
    }

    public function testACanGoesOutOnlyInTheHoursThatAreFitForIt(): void
    {
        $plan = PlanSketch::plan("undercoat black light bone wait 90\narea coat broad-folds main cloth\n basecoat navy x2\n wash umber-wash");
        $begin = (new DateTimeImmutable(Schedules::BEGIN))->getTimestamp();
        $damp = ['celsius' => 12.0, 'humidity' => 90.0];
        $fit = ['celsius' => 14.0, 'humidity' => 55.0];
        // Damp until the third evening, 18:00 of each day, is under way for an hour.
        $hours = SprayHours::of(SprayDay::of([...array_fill(0, 49, $damp), ...array_fill(0, 3, $fit)], SprayMethod::SprayCan), $begin);
        foreach (Manner::cases() as $manner) {
            $schedule = Scheduler::schedule(Work::of([Job::of(SquadPlan::alike($plan, 10))], null, $hours), self::evenings(120), $manner);

            Schedules::mustHold($schedule, Job::of(SquadPlan::alike($plan, 10)), self::evenings(120));
            $sprayed = array_values(array_filter(
                $schedule->items,
                static fn(Item $one): bool => str_starts_with($one->pass->step->id, 'undercoat'),
            ));
            self::assertGreaterThanOrEqual($begin + 49 * self::HOUR, $sprayed[0]->start, $manner->name);
            self::assertLessThanOrEqual($begin + 52 * self::HOUR, $sprayed[0]->end, $manner->name);
        }
    }

    public function testWhatIsBrushedDoesNotWaitForTheWeather(): void
    {
        $plan = PlanSketch::plan("undercoat black method brush\narea coat broad-folds main cloth\n basecoat navy x2");
        $begin = (new DateTimeImmutable(Schedules::BEGIN))->getTimestamp();
        $never = SprayHours::of(SprayDay::of(array_fill(0, 48, ['celsius' => -3.0, 'humidity' => 95.0]), SprayMethod::SprayCan), $begin);

        $items = static fn(?SprayHours $hours): array => array_map(
            static fn(Item $one): array => [$one->pass->step->id, $one->start],
            Scheduler::schedule(Work::of([Job::of(SquadPlan::alike($plan, 5))], null, $hours), self::evenings(120), Manner::Calm)->items,
        );

        self::assertSame($items(null), $items($never));
    }

    public function testHoursOpenAndShut(): void
    {
        $weather = static fn(string $each): SprayDay => SprayDay::of(
            array_map(
                static fn(string $one): array => $one === '+' ? ['celsius' => 15.0, 'humidity' => 50.0] : ['celsius' => 15.0, 'humidity' => 90.0],
                str_split($each),
            ),
            SprayMethod::SprayCan,
        );
        $hours = SprayHours::of($weather('--++-+-+++'), 1000);

        // One fit hour is no window; what is known ends with one that is open.
        self::assertSame([[1000, 1000 + 2 * self::HOUR], [1000 + 4 * self::HOUR, 1000 + 7 * self::HOUR]], $hours->shut);
        self::assertSame(1000 + 2 * self::HOUR, $hours->opens(1000, 600));
        self::assertSame(1000 + 3 * self::HOUR, $hours->opens(1000 + 3 * self::HOUR, 3600));
        self::assertSame(1000 + 7 * self::HOUR, $hours->opens(1000 + 3 * self::HOUR, 3601));
        self::assertSame(900, $hours->opens(900, 100));
        self::assertSame([1000 + 4 * self::HOUR, PHP_INT_MAX], [$hours->shuts(1000 + 2 * self::HOUR), $hours->shuts(1000 + 8 * self::HOUR)]);
        self::assertSame([[0, 3 * self::HOUR]], SprayHours::of($weather('---'), 0)->shut);
        self::assertSame([], SprayHours::of($weather('+++'), 0)->shut);
    }

    private static function evenings(int $minutes): Sessions
    {
        return Schedules::sessions(...array_map(static fn(int $day): int => $day % 7 > 4 ? 2 * $minutes : $minutes, range(0, 90)));
    }

    /** @return list<string> what is begun in the last minutes for a few of its models, though it would fit whole into some evening */
    private static function openedForFew(Schedule $schedule, int $models, Sessions $sessions): array
    {
        $few = [];
        $begun = [];
        foreach ($schedule->items as $at => $item) {
            $key = "{$item->pass->step->id} $item->coat";
            $isLast = ($schedule->items[$at + 1]->session ?? -1) !== $item->session;
            $each = ($item->end - $item->start) / count($item->models);
            if (
                ! isset($begun[$key])
                && $isLast
                && ! $item->pass->step->isPerModel()
                && count($item->models) < 0.3 * $models
                && $models * $each < 60 * 60
            ) {
                $few[] = "$key: ".count($item->models);
            }
            $begun[$key] = true;
        }

        return $few;
    }

    /** How often a coat is gone on with in another session. */
    private static function torn(Schedule $schedule): int
    {
        $torn = 0;
        $last = [];
        foreach ($schedule->items as $item) {
            $key = "{$item->pass->step->id} $item->coat";
            $torn += isset($last[$key]) && $last[$key] !== $item->session ? 1 : 0;
            $last[$key] = $item->session;
        }

        return $torn;
    }
}
