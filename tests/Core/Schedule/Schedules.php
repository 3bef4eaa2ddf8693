<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use DateTimeImmutable;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\Nature;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Climate;
use Kalokroma\Planning\DryTimes;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;
use Kalokroma\Schedule\Item;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Sessions;
use PHPUnit\Framework\Assert;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\PlanSketch;

/** Plans to be scheduled, times to do it in, and what holds of every schedule, looked at from outside. */
final class Schedules
{
    public const BEGIN = '2026-12-01T18:00:00+00:00';

    private const STEPS = [
        'basecoat navy', 'basecoat yellow x3', 'layer blue', 'wash umber-wash', 'wash umber-wash 1:0', 'highlight sky',
        'edge-highlight ice', 'drybrush tan', 'glaze ruby', 'dot snow', 'wet-blend navy over sky', 'basecoat red x1', 'highlight orange x1',
    ];

    /** @param int ...$minutes of sessions on the days that follow each other, beginning at the same hour */
    public static function sessions(int ...$minutes): Sessions
    {
        $sessions = [];
        foreach ($minutes as $day => $length) {
            $sessions[] = Session::of((new DateTimeImmutable(self::BEGIN))->modify("+$day days"), $length);
        }

        return Sessions::of($sessions);
    }

    public static function demoPlan(string $name): Plan
    {
        $document = PlanDocument::ofFile(
            (array) json_decode((string) file_get_contents(__DIR__."/../../../resources/demo/plans/$name.json"), true),
        );

        return $document->plan(DocumentPaints::of($document->fields));
    }

    /** One time at the desk that is never over. */
    public static function endless(): Sessions
    {
        return self::sessions(...array_fill(0, 30, 1440));
    }

    public static function job(string $sketch, int $models = 1): Job
    {
        return Job::of(SquadPlan::alike(PlanSketch::plan($sketch), $models));
    }

    /** @param int $most steps in all */
    public static function wild(int $seed, int $most, bool $isWhole = true): string
    {
        $dice = new Randomizer(new Mt19937($seed));
        $steps = $dice->getInt(3, $most);
        $sketch = $dice->getInt(0, 1) === 0 ? "undercoat black\n" : "undercoat black light bone wait 90\n";
        $areas = $dice->getInt(1, 4);
        for ($area = 0; $area < $areas; $area++) {
            $ties = $area > 0 && $dice->getInt(0, 3) === 0 ? ' under a'.($area - 1) : '';
            $sketch .= "area a$area broad-folds ".['small', 'medium', 'large'][$dice->getInt(0, 2)]." cloth$ties\n";
            for ($step = 0; $step < max(1, intdiv($steps, $areas)); $step++) {
                $sketch .= '  '.self::STEPS[$dice->getInt(0, count(self::STEPS) - 1)]
                    .($dice->getInt(0, 5) === 0 ? ' wait '.$dice->getInt(5, 200) : '')."\n";
            }
        }

        return $sketch.($isWhole && $dice->getInt(0, 2) === 0 ? "whole\n gloss-coat gloss\n decal setting\n matt-coat matt\n" : '');
    }

    /** What holds of every schedule. Looked at model by model, from the plan alone. */
    public static function mustHold(Schedule $schedule, Job $job, Sessions $sessions, ?Climate $climate = null): void
    {
        self::mustBeComplete($schedule, $job);
        self::mustFitIn($schedule, $sessions);
        $rehearsal = Rehearsal::of($job->plan);
        foreach ($job->plan->areas as $area) {
            $all = $rehearsal->run($area);
            foreach (range(1, $job->models) as $model) {
                $run = array_values(array_filter(
                    $all,
                    static fn(Pass $pass): bool => in_array($model, $job->squad->modelsOf($pass->step->id), true),
                ));
                foreach ($run as $at => $pass) {
                    self::coatsMustBeApart($schedule, $pass, $model, $climate);
                    $next = $run[$at + 1] ?? null;
                    if ($next !== null) {
                        $dry = DryTimes::between($pass->step, $next->step, $climate);
                        $isInto = $next->step->technique->does(Nature::SitsInWetPaste, Nature::Chips);
                        $wait = $isInto ? min(60, $dry) : max($dry, $pass->step->more->waitMinutes ?? 0);
                        Assert::assertLessThanOrEqual(
                            self::starts($schedule, $next, $model, 1),
                            self::ends($schedule, $pass, $model, $pass->step->coats) + 60 * $wait,
                            "{$next->step->id} on model $model begins before {$pass->step->id} is dry",
                        );
                    }
                }
            }
        }
    }

    public static function starts(Schedule $schedule, Pass $pass, int $model, int $coat): int
    {
        $item = self::item($schedule, $pass, $model, $coat);
        $each = intdiv($item->end - $item->start, count($item->models));

        return $item->start + $each * (int) array_search($model, $item->models, true);
    }

    public static function ends(Schedule $schedule, Pass $pass, int $model, int $coat): int
    {
        $item = self::item($schedule, $pass, $model, $coat);

        return self::starts($schedule, $pass, $model, $coat) + intdiv($item->end - $item->start, count($item->models));
    }

    private static function item(Schedule $schedule, Pass $pass, int $model, int $coat): Item
    {
        foreach ($schedule->items as $item) {
            if ($item->pass->step->id === $pass->step->id && $item->coat === $coat && in_array($model, $item->models, true)) {
                return $item;
            }
        }
        Assert::fail("{$pass->step->id}, coat $coat is never laid on model $model");
    }

    private static function mustBeComplete(Schedule $schedule, Job $job): void
    {
        $laid = [];
        foreach ($schedule->items as $item) {
            if ($item->pass->step->isPerModel()) {
                Assert::assertCount(1, $item->models);
            }
            foreach ($item->models as $model) {
                $laid[] = "{$item->pass->step->id} $item->coat $model";
            }
        }
        $wanted = [];
        foreach (Rehearsal::of($job->plan)->order()->passes as $pass) {
            for ($coat = 1; $coat <= $pass->step->coats; $coat++) {
                foreach ($job->left($pass->step->id, $coat) as $model) {
                    $wanted[] = "{$pass->step->id} $coat $model";
                }
            }
        }
        sort($laid);
        sort($wanted);
        Assert::assertSame($wanted, $laid);
    }

    private static function mustFitIn(Schedule $schedule, Sessions $sessions): void
    {
        $free = 0;
        foreach ($schedule->items as $item) {
            $session = $sessions->all[$item->session];
            Assert::assertGreaterThanOrEqual(max($free, $session->from()), $item->start);
            Assert::assertLessThanOrEqual($session->to(), $item->end);
            $free = $item->end;
        }
        foreach ($schedule->waits as $wait) {
            Assert::assertLessThan($wait->end, $wait->start);
            foreach ($schedule->items as $item) {
                Assert::assertFalse($item->start < $wait->end && $wait->start < $item->end, 'nobody waits while painting');
            }
        }
    }

    private static function coatsMustBeApart(Schedule $schedule, Pass $pass, int $model, ?Climate $climate): void
    {
        if ($pass->step->technique->family === Family::Handling) {
            return;
        }
        for ($coat = 2; $coat <= $pass->step->coats; $coat++) {
            Assert::assertLessThanOrEqual(
                self::starts($schedule, $pass, $model, $coat),
                self::ends($schedule, $pass, $model, $coat - 1) + 60 * DryTimes::betweenCoats($pass->step, $climate),
            );
        }
    }
}
