<?php

declare(strict_types=1);

namespace App\Evenings;

use App\Devices\Outside;
use App\Support\Kept;
use DateTimeImmutable;
use Kalokroma\Schedule\HeldUp;
use Kalokroma\Schedule\Job;
use Kalokroma\Schedule\Manner;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Sessions;
use Kalokroma\Schedule\Work;

/** What is painted in the evenings to come: all batches that share the desk, in the hours there are. */
final class Agenda
{
    public const MOST_SESSIONS = 200;

    private ?Schedule $schedule = null;

    /** @param list<Session> $sessions */
    private function __construct(
        public readonly Desk $desk,
        public readonly Hours $hours,
        public readonly array $sessions,
        public readonly Work $work,
        public readonly DateTimeImmutable $now,
    ) {}

    public static function from(DateTimeImmutable $now): self
    {
        $desk = Desk::asItIs();
        $hours = Hours::asTheyAre();
        $sessions = $hours->sessions($now, self::MOST_SESSIONS);

        return new self($desk, $hours, $sessions, $desk->work(Outside::at($now)->sprayHours()), $now);
    }

    /** Made when somebody asks for it; null when there is nothing to paint, or no time for it. */
    public function schedule(): ?Schedule
    {
        return $this->schedule ??= $this->sessions === [] || $this->work->handsOn() === 0 ? null : Scheduler::laid($this->work, Sessions::of($this->sessions), self::sequence($this->desk, $this->work, Sessions::of($this->sessions)), Manner::Calm);
    }

    /** @return list<HeldUp> what only waits for the weather */
    public function heldUp(): array
    {
        return $this->sessions === [] ? [] : HeldUp::all($this->work, Sessions::of($this->sessions), $this->now->getTimestamp());
    }

    /**
     * When each batch would be through at a quicker and a slower pace, everything in the same sequence.
     *
     * @param float $factor times the minutes
     */
    public function atPace(float $factor): ?Schedule
    {
        $schedule = $this->schedule();
        if ($schedule === null) {
            return null;
        }
        $jobs = array_map(static fn(Job $job): Job => $job->atPace($factor), $this->desk->jobs);

        return Scheduler::laid($this->desk->work($this->work->sprayHours, $jobs), $schedule->sessions, self::sequence($this->desk, $this->work, $schedule->sessions), Manner::Calm);
    }

    /** @return list<array{int, int}> coat and number of models */
    private static function sequence(Desk $desk, Work $work, Sessions $sessions): array
    {
        return Kept::now()->of('sequence', [$desk->fingerprint(), $work->sprayHours->shut, array_map(static fn(Session $one): array => [$one->from(), $one->minutes], $sessions->all)], static fn(): array => Scheduler::sequenceFor($work, $sessions, Manner::Calm));
    }
}
