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

    /** @var list<array{int, int}>|null coat and number of models */
    private ?array $sequence = null;

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
        return $this->schedule ??= $this->sessions === [] || $this->work->handsOn() === 0
            ? null
            : Scheduler::laid($this->work, Sessions::of($this->sessions), $this->sequence(), Manner::Calm);
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

        return Scheduler::laid($this->desk->work($this->work->sprayHours, $jobs), $schedule->sessions, $this->sequence(), Manner::Calm);
    }

    /**
     * What comes after what is worked out once a day, and anew when batches, hours or habits change; what is recorded meanwhile is only
     * taken out of it.
     *
     * @return list<array{int, int}> coat and number of models
     */
    private function sequence(): array
    {
        return $this->sequence ??= $this->sequenceNow(Sessions::of($this->sessions));
    }

    /** @return list<array{int, int}> coat and number of models */
    private function sequenceNow(Sessions $sessions): array
    {
        $tonight = $this->now->setTimezone($this->hours->zone)->setTime(23, 59, 59)->getTimestamp();
        $later = array_values(array_filter($sessions->all, static fn(Session $one): bool => $one->from() > $tonight));
        $facts = [$this->desk->fingerprint(), $tonight, $this->work->sprayHours->shut, array_map(self::times(...), $later)];
        $solve = fn(): array => Scheduler::sequenceFor($this->work, $sessions, Manner::Calm);

        return Scheduler::continued($this->work, $sessions, Kept::now()->of('sequence', $facts, $solve), Manner::Calm)
            ?? Kept::now()->of('sequence', [...$facts, $this->desk->record(), array_map(self::times(...), $sessions->all)], $solve);
    }

    /** @return array{int, int} */
    private static function times(Session $one): array
    {
        return [$one->from(), $one->minutes];
    }
}
