<?php

declare(strict_types=1);

namespace Tests\Bench;

use DateTimeImmutable;
use Kalokroma\Amounts\Amounts;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Schedule\Bound;
use Kalokroma\Schedule\Desk;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Manner;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Sessions;
use Kalokroma\Schedule\Work;
use Tests\Core\PlanSketch;

/** How long a schedule and amounts take, and how near schedules come to what cannot be beaten. */
final class ScheduleBench
{
    private const RUNS = 7;

    /**
     * @return array<string, float> milliseconds, the median of seven; `ratio` the farthest from the bound that knows the sessions, over the
     *     demo's plans and batches of 1 to 20
     */
    public static function run(): array
    {
        $big = [
            Job::of(SquadPlan::alike(self::big('navy'), 10)),
            Job::of(SquadPlan::alike(self::big('red'), 5)),
            Job::of(SquadPlan::alike(self::big('green'), 3)),
        ];
        $sessions = self::sessions(30, 480);
        $demo = array_map(self::read(...), glob('resources/demo/plans/*.json') ?: []);
        $worst = 0.0;
        foreach ($demo as $plan) {
            foreach ([1, 3, 10, 20] as $models) {
                foreach ([self::sessions(40, 1440), self::sessions(120, 120)] as $evenings) {
                    $work = Work::of([Job::of(SquadPlan::alike($plan, $models))]);
                    $begin = $evenings->all[0]->from();
                    $worst = max(
                        $worst,
                        ((Scheduler::schedule($work, $evenings)->finish() ?? 0) - $begin) / (Bound::of(new Desk($work, $evenings)) - $begin),
                    );
                }
            }
        }

        return [
            'passes' => (float) count($big[0]->plan->steps()),
            'schedule' => self::median(static fn() => Scheduler::schedule(Work::of($big), $sessions, Manner::Calm)),
            'amounts' => self::median(static fn() => Amounts::of($big[0]->plan, 10)->passes()),
            'ratio' => $worst,
        ];
    }

    private static function sessions(int $days, int $minutes): Sessions
    {
        return Sessions::of(array_map(
            static fn(int $day): Session => Session::of((new DateTimeImmutable('2026-12-01T08:00:00Z'))->modify("+$day days"), $minutes),
            range(0, $days - 1),
        ));
    }

    /** Twelve areas of five steps. */
    private static function big(string $base): Plan
    {
        $sketch = "undercoat black light bone\n";
        for ($area = 0; $area < 12; $area++) {
            $sketch .= sprintf(
                "area a%d broad-folds %s cloth touches a%d\n basecoat %s x2\n wash umber-wash\n layer %s x1\n highlight sky x1\n edge-highlight ice\n",
                $area,
                ['small', 'medium', 'large'][$area % 3],
                ($area + 1) % 12,
                $base,
                $base,
            );
        }

        return PlanSketch::plan($sketch."stop table-ready a5-3\n");
    }

    private static function read(string $file): Plan
    {
        $fields = json_decode((string) file_get_contents($file), true);

        return PlanDocument::ofFile($fields)->plan(DocumentPaints::of($fields));
    }

    private static function median(callable $what): float
    {
        return Clock::percentile(array_map(static fn(): float => Clock::milliseconds($what), range(1, self::RUNS)), 0.5);
    }
}
