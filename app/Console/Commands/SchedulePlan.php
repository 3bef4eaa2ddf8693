<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlanCommand;
use App\Console\ToldSchedules;
use App\Console\WrongWords;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\SessionsReader;
use Kalokroma\Planning\Squad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Stop;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Work;

final class SchedulePlan extends PlanCommand
{
    use ToldSchedules;

    protected $signature = 'kalokroma:schedule
        {plan : Plan file}
        {--models= : How many models are painted by it}
        {--roles= : How many there are of each role, as leader:1,rank:7,:2; in place of --models}
        {--sessions= : Sessions file: [ { start: ISO time, minutes } ]}
        {--celsius= : Temperature of the room in °C, 20 when left out}
        {--humidity= : Humidity of the room in %, 50 when left out}
        {--json : Answer as JSON}';

    protected $description = 'Says what to paint when, so that nothing waits that need not and all is through as soon as it can be';

    protected function answer(): array
    {
        $faults = [];
        $plan = $this->faulty(fn() => $this->plan(), $faults);
        $squad = $plan === null ? null : $this->squad($plan) ?? Squad::alike(1);
        $sessions = $this->faulty(fn() => SessionsReader::json($this->file('sessions')), $faults);
        $climate = $this->climate();
        if ($faults !== []) {
            throw Faulty::with($faults);
        }
        if ($plan === null || $squad === null || $sessions === null) {
            throw new WrongWords('Name a plan file and, with --sessions=FILE, the sessions to paint in.');
        }
        $work = Work::of([Job::of(SquadPlan::of($plan, $squad))], $climate);
        $schedule = Scheduler::inWholeCoats($work, $sessions);
        if (! $schedule->isWhole()) {
            throw Faulty::field('sessions', $schedule->words());
        }

        return self::told($schedule, $this->clock($sessions), $plan->running->stops);
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['items'] as $item) {
            $this->line(sprintf(
                '%s – %s  %s, coat %d on %s',
                $item['start'],
                $item['end'],
                $item['step'],
                $item['coat'],
                implode(' ', $item['models']),
            ));
        }
    }

    /**
     * @param callable(int): string $clock
     * @param list<Stop> $stops
     *
     * @return array<string, mixed>
     */
    private static function told(Schedule $schedule, callable $clock, array $stops): array
    {
        return [
            'items' => self::items($schedule, $clock),
            'waits' => self::waits($schedule, $clock),
            'stops' => array_map(static function (Stop $stop) use ($schedule, $clock): array {
                $at = $schedule->at($stop);

                return ['name' => $stop->name, 'at' => $at === null ? null : $clock($at)];
            }, $stops),
            'lowerBoundMinutes' => round($schedule->work->lowerBound() / 60, 2),
            'handsOnMinutes' => round($schedule->work->handsOn() / 60, 2),
        ];
    }
}
