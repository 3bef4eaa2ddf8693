<?php

declare(strict_types=1);

namespace App\Evenings;

use DateTimeImmutable;
use Illuminate\Contracts\Cache\Repository;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Sessions;
use Kalokroma\Schedule\Work;

/** What is painted in the evenings to come: all batches that share the desk, in the hours there are. */
final readonly class Agenda
{
    private const MOST_SESSIONS = 200;

    /** A quarter of an hour later for all is nothing against a calm evening. */
    private const GRAIN_SECONDS = 900;

    private const KEPT_SECONDS = 3600;

    /**
     * @param list<Session> $sessions
     * @param Schedule|null $schedule null when there is nothing to paint, or no time for it
     */
    private function __construct(
        public Desk $desk,
        public Hours $hours,
        public array $sessions,
        public Work $work,
        public ?Schedule $schedule,
        public DateTimeImmutable $now,
    ) {}

    public static function from(DateTimeImmutable $now): self
    {
        $desk = Desk::asItIs();
        $hours = Hours::asTheyAre();
        $sessions = $hours->sessions($now, self::MOST_SESSIONS);
        $work = $desk->work();
        $schedule = $sessions === [] || $work->handsOn() === 0 ? null : self::kept($desk, $work, Sessions::of($sessions));

        return new self($desk, $hours, $sessions, $work, $schedule, $now);
    }

    /**
     * When each batch would be through at a quicker and a slower pace.
     *
     * @param float $factor times the minutes
     */
    public function atPace(float $factor): ?Schedule
    {
        if ($this->schedule === null) {
            return null;
        }
        $jobs = array_map(static fn(Job $job): Job => $job->atPace($factor), $this->desk->jobs);

        return Scheduler::roughly(Work::of($jobs, $this->desk->climate), $this->schedule->sessions);
    }

    private static function kept(Desk $desk, Work $work, Sessions $sessions): Schedule
    {
        $key = 'agenda.1.'.hash('xxh128', $desk->fingerprint().serialize(array_map(static fn(Session $one): array => [$one->from(), $one->minutes], $sessions->all)));
        /** @var Repository $cache */
        $cache = app(Repository::class);
        /** @var list<array{int, int}>|null $sequence */
        $sequence = $cache->get($key);
        if ($sequence === null) {
            $sequence = Scheduler::sequenceFor($work, $sessions, self::GRAIN_SECONDS);
            $cache->put($key, $sequence, self::KEPT_SECONDS);
        }

        return Scheduler::laid($work, $sessions, $sequence);
    }
}
