<?php

declare(strict_types=1);

namespace App\Console;

use DateTimeImmutable;
use Kalokroma\Exchange\SessionsReader;
use Kalokroma\Planning\Climate;
use Kalokroma\Schedule\Item;
use Kalokroma\Schedule\Schedule;
use Kalokroma\Schedule\Sessions;
use Kalokroma\Schedule\Wait;

/** Schedules as commands tell them, in the times of the sessions file. */
trait ToldSchedules
{
    protected function climate(): Climate
    {
        return Climate::of(
            $this->option('celsius') === null ? Climate::CELSIUS : $this->number('celsius', 'a temperature in °C'),
            $this->option('humidity') === null ? Climate::HUMIDITY : $this->number('humidity', 'a humidity in %'),
        );
    }

    /** @return callable(int): string as the sessions file says its times */
    protected function clock(Sessions $sessions): callable
    {
        $zone = $sessions->all[0]->start->getTimezone();
        $isLocal = SessionsReader::isLocal((string) preg_replace('/.*?"start"\s*:\s*"([^"]*)".*/s', '$1', $this->file('sessions')));

        return static fn(int $time): string => (new DateTimeImmutable("@$time"))->setTimezone($zone)->format(
            $isLocal ? 'Y-m-d\TH:i:s' : 'Y-m-d\TH:i:sP',
        );
    }

    /**
     * @param callable(int): string $clock
     *
     * @return list<array<string, mixed>>
     */
    protected static function items(Schedule $schedule, callable $clock): array
    {
        return array_map(static fn(Item $item): array => [
            'step' => $item->pass->step->id,
            'coat' => $item->coat,
            'models' => $item->models,
            'start' => $clock($item->start),
            'end' => $clock($item->end),
            'session' => $item->session,
        ], $schedule->items);
    }

    /**
     * @param callable(int): string $clock
     *
     * @return list<array<string, mixed>>
     */
    protected static function waits(Schedule $schedule, callable $clock): array
    {
        return array_map(
            static fn(Wait $wait): array => ['start' => $clock($wait->start), 'end' => $clock($wait->end), 'for' => $wait->stepId],
            $schedule->waits,
        );
    }
}
