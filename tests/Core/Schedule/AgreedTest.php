<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Kalokroma\Craft\SprayMethod;
use Kalokroma\Planning\Climate;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Outline;
use Kalokroma\Planning\Record;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SprayDay;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Schedule\BatchSplit;
use Kalokroma\Schedule\Bound;
use Kalokroma\Schedule\Carried;
use Kalokroma\Schedule\Deadline;
use Kalokroma\Schedule\Desk;
use Kalokroma\Schedule\DryClock;
use Kalokroma\Schedule\DryKind;
use Kalokroma\Schedule\ExactSearch;
use Kalokroma\Schedule\Filler;
use Kalokroma\Schedule\HeldUp;
use Kalokroma\Schedule\Improvement;
use Kalokroma\Schedule\Item;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Manner;
use Kalokroma\Schedule\Moment;
use Kalokroma\Schedule\Opening;
use Kalokroma\Schedule\RoundTrip;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Sessions;
use Kalokroma\Schedule\SprayHours;
use Kalokroma\Schedule\Work;
use Tests\Core\AgreedTestCase;
use Tests\Core\Nearby;
use Tests\Core\PlanSketch;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    /** Few enough coats to be searched to the end. */
    private const SMALL = "undercoat black\narea coat broad-folds main cloth touches strap\n basecoat navy x1\n wash umber-wash\n highlight sky x1\n"
        ."area strap close-folds small leather\n basecoat leather x1\n highlight tan x1";

    /** It may rest twice; one of its steps takes longer than a coffee break. */
    private const STOPS = "undercoat black\narea coat broad-folds main cloth touches strap\n basecoat navy x2\n wash umber-wash\n highlight sky\n"
        ."area strap close-folds small leather\n basecoat leather\n edge-highlight tan\nwhole\n matt-coat matt\nstop lunch coat-2\nstop done whole-1";

    protected function said(): iterable
    {
        $at = 0;
        $plans = [];
        foreach (self::plans(6, 12, 4300) as $name => $plan) {
            $at++;
            $plans[] = $plan;
            $sessions = [
                Schedules::sessions(120, 90, 150, 60, 240, 120),
                Schedules::sessions(45, 45, 45, 45, 45, 45, 45, 45),
                Schedules::endless(),
            ][$at % 3];
            $work = Work::of([self::job($plan, 1 + $at % 4, $at % 2 === 0)], $at % 4 === 0 ? Climate::of(10.0, 75.0) : null);
            foreach ($at % 3 === 0 ? [Manner::Soonest] : Manner::cases() as $manner) {
                yield "$name, $manner->name" => self::laid(Scheduler::schedule($work, $sessions, $manner), $plan);
            }
            yield "$name roughly" => [
                self::laid(Scheduler::roughly($work, $sessions), $plan), $work->handsOn(), $work->longestChain(), $work->lowerBound(),
            ];
            yield "$name at the desk" => self::atTheDesk($plan, $work, $sessions);
        }
        foreach (Nearby::of(self::SMALL, 14, 3) as $at => $near) {
            $work = Work::of([self::job(PlanSketch::plan($near), 1 + $at % 3, $at % 4 === 1)]);
            $sessions = $at % 2 === 0 ? Schedules::sessions(60, 40, 90, 60, 60, 120) : Schedules::endless();
            foreach (Manner::cases() as $manner) {
                $schedule = Scheduler::schedule($work, $sessions, $manner);
                yield "small $at, $manner->name" => [
                    implode(' ', array_map(
                        static fn(Item $item): string => sprintf(
                            '%s.%d×%d@%d-%d',
                            $item->pass->step->id,
                            $item->coat,
                            count($item->models),
                            $item->start,
                            $item->end,
                        ),
                        $schedule->items,
                    )),
                    $schedule->finish(), $work->lowerBound(),
                ];
            }
        }
        yield from $this->heldUp();
        yield from $this->searched($plans);
        yield from $this->carried();
        foreach (glob(__DIR__.'/../../../resources/demo/plans/*.json') ?: [] as $file) {
            $plan = Schedules::demoPlan(basename($file, '.json'));
            $work = Work::of([self::job($plan, 2, false)]);
            yield basename($file) => self::laid(Scheduler::roughly($work, Schedules::sessions(200, 200, 200)), $plan);
        }
        yield 'not enough' => array_map(
            static fn(Sessions $sessions): mixed => self::laid(
                Scheduler::schedule(Work::of([self::job(PlanSketch::plan(self::STOPS), 6, false)]), $sessions),
                PlanSketch::plan(self::STOPS),
            ),
            [Schedules::sessions(3, 2), Schedules::sessions(40, 40), Schedules::sessions(60, 60, 60, 60, 60), Schedules::endless()],
        );
        $two = Work::of([self::job($plans[0], 2, false), self::job($plans[1], 3, true)]);
        yield 'two jobs' => self::laid(Scheduler::schedule($two, Schedules::sessions(120, 120, 120, 120, 120, 120, 120)), $plans[0]);
        yield 'split' => array_map(static fn($one): mixed => Told::of($one, 1), BatchSplit::of($plans[0], 12));
        yield 'two pieces' => Told::answer(static fn(): mixed => Job::of(SquadPlan::alike($plans[0], 0)));
        foreach ([0, -5, 1, 100_000] as $minutes) {
            yield "session of $minutes" => Told::answer(static fn(): Session => Session::of(new \DateTimeImmutable(Schedules::BEGIN), $minutes), 1);
        }
        yield 'sessions' => [
            Told::answer(static fn(): Sessions => Sessions::of([]), 1),
            Told::answer(
                static fn(): Sessions => Sessions::of([
                    Session::of(new \DateTimeImmutable('2026-01-01 18:00'), 60),
                    Session::of(new \DateTimeImmutable('2026-01-01 18:30'), 60),
                ]),
                1,
            ),
        ];
    }

    /**
     * @param list<Plan> $plans
     *
     * @return iterable<string, mixed> what each way to a sequence makes of one, and what none can be better than
     */
    private function searched(array $plans): iterable
    {
        $in = static fn(array $sequence): string => implode(' ', array_map(static fn(array $turn): string => "$turn[0]×$turn[1]", $sequence));
        foreach ([PlanSketch::plan(self::SMALL), PlanSketch::plan(self::STOPS), ...array_slice($plans, 0, 5)] as $at => $plan) {
            foreach (Manner::cases() as $manner) {
                $work = Work::of([self::job($plan, 1 + $at % 3, $at % 2 === 1)]);
                $desk = new Desk($work, $at % 2 === 0 ? Schedules::endless() : Schedules::sessions(90, 60, 120, 90, 90, 240, 240), $manner);
                $plain = [];
                foreach ($desk->models as $coat => $models) {
                    $plain[] = [$coat, count($models)];
                }
                $plain = Improvement::joined($plain);
                yield "searched $at, $manner->name" => [
                    $desk->cost($plain), $in(Improvement::of($desk, $plain)), Bound::of($desk),
                    count($plain) < 9 ? $in(ExactSearch::of($desk, $plain, Bound::of($desk), false)) : null,
                    count($plain) < 9 && count($desk->models[0]) < 2 ? $in(ExactSearch::of($desk, $plain, 0, true)) : null,
                ];
            }
        }
        yield 'joined' => Improvement::joined([[0, 1], [0, 2], [1, 0], [0, 1], [2, 3], [2, 0], [1, 1]]);
    }

    /** @return iterable<string, mixed> what goes into what is still wet or soft, begun and not */
    private function carried(): iterable
    {
        foreach ([
            'grit' => " texture-paste mud\n grit",
            'grit later' => " texture-paste mud\n basecoat brown\n grit",
            'chips of colour' => " basecoat steel\n basecoat red\n chip leather",
            'scratched' => " basecoat steel\n chipping-fluid lifter\n basecoat red x2\n chip",
            'scratched first' => " basecoat steel\n chip\n chipping-fluid lifter\n basecoat red",
            'scratched at once' => " basecoat steel\n chipping-fluid lifter\n chip",
            'of pigment' => " basecoat red\n chip",
        ] as $name => $steps) {
            $plan = PlanSketch::plan("undercoat grey\narea base rubble main stone touches hull\n drybrush sand\narea hull smooth-panel main armour\n$steps"
                ."\nwhole\n matt-coat matt");
            $squad = SquadPlan::alike($plan, 3);
            foreach ([
                [],
                [['hull-1', 1]],
                [['hull-1', 3], ['hull-2', 3]],
                [['hull-2', 2], ['hull-3', 2]],
                [['hull-3', 1], ['hull-4', 1]],
            ] as $begun => $done) {
                $record = Record::of(Outline::of($squad), array_map(static fn(array $one): Done => new Done($one[0], null, $one[1], -600), $done));
                $job = Job::of($squad, $record, [], 0);
                $carried = Carried::of(Rehearsal::of($plan), $job);
                yield "$name, begun $begun" => array_map(
                    static fn($pass): array => [$pass->step->id, $carried->after($pass->step->id), $carried->isInto($pass->step->id)],
                    $squad->passes(),
                );
            }
        }
    }

    /** @return iterable<string, mixed> what has to wait for weather to be sprayed in */
    private function heldUp(): iterable
    {
        $cans = "undercoat black light bone\narea coat broad-folds main cloth\n basecoat navy x1\nwhole\n matt-coat matt brush spray-can";
        foreach (['++++++++', '--++-+-+++', '--------', '-++', ''] as $at => $weather) {
            $sky = array_map(
                static fn(string $one): array => $one === '+' ? ['celsius' => 18.0, 'humidity' => 50.0] : ['celsius' => -3.0, 'humidity' => 95.0],
                $weather === '' ? [] : str_split(str_repeat($weather, 6)),
            );
            $begin = (new \DateTimeImmutable(Schedules::BEGIN))->getTimestamp();
            $hours = SprayHours::of(SprayDay::of($sky, SprayMethod::SprayCan), $begin);
            foreach ([Schedules::sessions(60, 60, 60), Schedules::sessions(20, 200), Schedules::sessions(5)] as $number => $sessions) {
                $work = Work::of([self::job(PlanSketch::plan($cans), 3, false)], null, $hours);
                yield "held up $at, $number" => Told::answer(static fn(): array => [
                    HeldUp::all($work, $sessions, $begin), HeldUp::all($work, $sessions, $begin + 7200),
                    array_map(static fn(int $from): int => $hours->opens($begin + $from, 1800) - $begin, [0, 1, 3600, 40_000, 90_000, 500_000]),
                    self::laid(Scheduler::schedule($work, $sessions), PlanSketch::plan($cans)),
                ], 3);
            }
        }
    }

    private static function job(Plan $plan, int $models, bool $isBegun): Job
    {
        $squad = SquadPlan::alike($plan, $models);
        $first = $squad->passes()[0] ?? null;
        $done = $isBegun && $first !== null ? [new Done($first->step->id, null, $models, -600)] : [];

        return Job::of($squad, Record::of(Outline::of($squad), $done), [], 0);
    }

    /** @return array<mixed> */
    private static function laid(Schedule $schedule, Plan $plan): array
    {
        return [
            array_map(static fn(Item $item): array => [
                $item->job, $item->pass->step->id, $item->coat, $item->models, $item->start, $item->end, $item->session, $schedule->dryAfter($item),
            ], $schedule->items), $schedule
                ->finish(), $schedule
                ->words(), $schedule
                ->isWhole(), array_map(static fn($one): mixed => Told::of($one, 1), $schedule->waits),
            array_map(static fn($stop): array => [$schedule->at($stop), $schedule->restsAt($stop)], $plan->running->stops),
        ];
    }

    /** @return array<mixed> */
    private static function atTheDesk(Plan $plan, Work $work, Sessions $sessions): array
    {
        $rehearsal = Rehearsal::of($plan);
        $carried = Carried::of($rehearsal, $work->jobs[0]);
        $passes = $rehearsal->order()->passes;
        $of = static fn(callable $each): array => array_map($each, array_slice($passes, 0, 6));

        return [
            array_map(static fn($one): mixed => Told::of($one, 1), DryClock::all($work)),
            array_map(static fn($one): mixed => Told::of($one, 1), Opening::all($work)),
            Told::answer(static fn(): array => HeldUp::all($work, $sessions, 0), 2),
            Told::answer(static fn(): Moment => Moment::of($work, Session::of(new \DateTimeImmutable(Schedules::BEGIN), 40), []), 2),
            $of(static fn($pass): array => [$carried->after($pass->step->id), $carried->isInto($pass->step->id)]),
            $of(static fn($pass): mixed => Told::answer(static fn(): mixed => RoundTrip::of($rehearsal, $pass), 1)),
            $of(static fn($pass): array => array_map(static fn($one): string => $one->step->id, Filler::of($rehearsal, $pass, 25.0, 3))),
            array_map(
                static fn(int $at): string => DryKind::between($passes[$at]->step, $passes[$at + 1]->step)->name,
                count($passes) < 2 ? [] : range(0, count($passes) - 2),
            ),
            Told::answer(
                static fn(): mixed => Deadline::of(
                    $work->jobs,
                    0,
                    null,
                    20_000,
                    static fn(array $jobs): Schedule => Scheduler::roughly(Work::of($jobs), $sessions),
                ),
                2,
            ),
        ];
    }
}
