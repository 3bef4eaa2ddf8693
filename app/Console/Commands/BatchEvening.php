<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\BatchCommand;
use App\Console\ToldSchedules;
use App\Console\WrongWords;
use Kalokroma\Batch\Batch;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\SessionsReader;
use Kalokroma\Schedule\DryClock;
use Kalokroma\Schedule\Item;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Manner;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Work;

final class BatchEvening extends BatchCommand
{
    use ToldSchedules;

    protected $signature = 'kalokroma:evening
        {batch* : Batch files that share the desk}
        {--sessions= : Sessions file: [ { start: ISO time, minutes } ]}
        {--celsius= : Temperature of the room in °C, 20 when left out}
        {--humidity= : Humidity of the room in %, 50 when left out}
        {--json : Answer as JSON}';

    protected $description = 'Says what is painted in the evenings to come, from where batches are by their logs, and what still dries';

    protected function answer(): array
    {
        $faults = [];
        $batches = $this->faulty(fn() => $this->batches(), $faults);
        $sessions = $this->faulty(fn() => SessionsReader::json($this->file('sessions')), $faults);
        if ($faults !== []) {
            throw Faulty::with($faults);
        }
        if ($batches === null || $sessions === null) {
            throw new WrongWords('Name batch files and, with --sessions=FILE, the sessions to paint in.');
        }
        $work = Work::of(
            array_map(static fn(Batch $one): Job => Job::of($one->squad, $one->progress()->record(), $one->skipped), $batches),
            $this->climate(),
        );
        $clock = $this->clock($sessions);
        $schedule = Scheduler::schedule($work, $sessions, Manner::Calm);

        return [
            'items' => array_map(
                static fn(array $told, Item $item): array => ['batch' => $item->job, ...$told],
                self::items($schedule, $clock),
                $schedule->items,
            ),
            'waits' => self::waits($schedule, $clock),
            'lackingMinutes' => (int) ceil($schedule->lacking / 60),
            'handsOnMinutes' => round($work->handsOn() / 60, 2),
            'dries' => array_map(
                static fn(DryClock $one): array => [
                    'batch' => $one->job,
                    'step' => $one->pass->step->id,
                    'coat' => $one->coat,
                    'models' => $one->models,
                    'until' => $clock($one->until),
                    'next' => $one->next->step->id,
                ],
                DryClock::all($work),
            ),
        ];
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['items'] as $item) {
            $this->line(sprintf(
                '%s – %s  batch %d, %s, coat %d on %s',
                $item['start'],
                $item['end'],
                $item['batch'] + 1,
                $item['step'],
                $item['coat'],
                implode(' ', $item['models']),
            ));
        }
        if ($answer['lackingMinutes'] > 0) {
            $this->line("{$answer['lackingMinutes']} minutes of work find no place in these sessions.");
        }
    }
}
