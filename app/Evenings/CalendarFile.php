<?php

declare(strict_types=1);

namespace App\Evenings;

use DateTimeImmutable;
use DateTimeZone;
use Kalokroma\Recipe\Stop;
use Kalokroma\Schedule\Item;
use Kalokroma\Schedule\Session;
use Sabre\VObject\Component\VCalendar;

/** The evenings to come as a calendar file (iCalendar, RFC 5545): each with what is painted in it, and the days on which batches are ready. */
final class CalendarFile
{
    public static function of(Agenda $agenda): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Kalokroma//Evenings//EN', 'METHOD' => 'PUBLISH', 'X-WR-CALNAME' => 'Painting evenings']);
        foreach ($agenda->sessions as $number => $session) {
            $items = array_values(array_filter($agenda->schedule()->items ?? [], static fn(Item $one): bool => $one->session === $number));
            if ($items !== []) {
                $calendar->add('VEVENT', self::evening($agenda, $session, $items));
            }
        }
        foreach ($agenda->desk->batches as $job => $batch) {
            foreach ($agenda->desk->progress[$job]->plan->running->stops as $stop) {
                $at = $agenda->schedule()?->restsAt($stop, $job);
                if ($at !== null) {
                    $calendar->add('VEVENT', self::stop($agenda, $batch->id, $batch->name, $stop, $at));
                }
            }
        }

        return $calendar->serialize();
    }

    /**
     * @param non-empty-list<Item> $items
     *
     * @return array<string, mixed>
     */
    private static function evening(Agenda $agenda, Session $session, array $items): array
    {
        $zone = $agenda->hours->zone;
        $lines = array_map(static fn(Item $item): string => sprintf(
            '%s %s: %s%s on %d models',
            self::at($item->start, $zone)->format('H:i'),
            $agenda->desk->batches[$item->job]->name,
            $item->pass->words(),
            $item->pass->step->coats > 1 ? " (coat $item->coat of {$item->pass->step->coats})" : '',
            count($item->models),
        ), $items);
        $batches = array_values(array_unique(array_map(static fn(Item $item): string => $agenda->desk->batches[$item->job]->name, $items)));

        return [
            'UID' => sprintf('evening-%d@kalokroma', $session->from()),
            'DTSTAMP' => $agenda->now->setTimezone(new DateTimeZone('UTC')),
            'DTSTART' => self::at($session->from(), new DateTimeZone('UTC')),
            'DTEND' => self::at($session->to(), new DateTimeZone('UTC')),
            'SUMMARY' => 'Painting: '.implode(', ', $batches),
            'DESCRIPTION' => implode("\n", $lines),
        ];
    }

    /** @return array<string, mixed> */
    private static function stop(Agenda $agenda, string $batchId, string $batchName, Stop $stop, int $at): array
    {
        return [
            'UID' => sprintf('stop-%s-%s@kalokroma', $batchId, hash('xxh64', $stop->name.$stop->after)),
            'DTSTAMP' => $agenda->now->setTimezone(new DateTimeZone('UTC')),
            'DTSTART' => self::at($at, new DateTimeZone('UTC')),
            'DURATION' => 'PT0S',
            'SUMMARY' => "$batchName: $stop->name",
            'TRANSP' => 'TRANSPARENT',
        ];
    }

    private static function at(int $time, DateTimeZone $zone): DateTimeImmutable
    {
        return (new DateTimeImmutable("@$time"))->setTimezone($zone);
    }
}
