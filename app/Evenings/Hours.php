<?php

declare(strict_types=1);

namespace App\Evenings;

use App\Models\Day;
use App\Models\Setting;
use App\Support\StaleWrite;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Kalokroma\Schedule\Session;

/**
 * When the painter sits down: by the week, and on single days otherwise.
 *
 * @phpstan-type Sitting array{from: string, minutes: int}
 */
final readonly class Hours
{
    /** A year of evenings is looked ahead at most. */
    private const MOST_DAYS = 370;

    /** A session under way is cut to what is left of it, by so many minutes at a time, so that an answer holds for a while. */
    private const STEP_MINUTES = 5;

    /** What is left of a session is worth sitting down for. */
    private const LEAST_MINUTES = 5;

    /**
     * @param list<array{weekday: int, from: string, minutes: int}> $week
     * @param array<string, list<Sitting>> $days by date
     */
    private function __construct(
        public array $week,
        public array $days,
        public DateTimeZone $zone,
    ) {}

    public static function asTheyAre(): self
    {
        $days = [];
        foreach (Day::query()->orderBy('day')->get() as $day) {
            $days[substr($day->day, 0, 10)] = $day->sittings;
        }

        return new self(Setting::hours(), $days, Setting::zone());
    }

    /** @return list<Sitting> by time */
    public function on(DateTimeImmutable $day): array
    {
        $weekday = (int) $day->format('N');
        $sittings = $this->days[$day->format('Y-m-d')]
            ?? array_values(array_map(
                static fn(array $one): array => ['from' => $one['from'], 'minutes' => $one['minutes']],
                array_filter($this->week, static fn(array $one): bool => $one['weekday'] === $weekday),
            ));
        usort($sittings, static fn(array $one, array $other): int => $one['from'] <=> $other['from']);

        return $sittings;
    }

    public function isOtherwise(DateTimeImmutable $day): bool
    {
        return isset($this->days[$day->format('Y-m-d')]);
    }

    /**
     * @param int $most sessions at most
     *
     * @return list<Session> from now on; the one that is under way with what is left of it
     */
    public function sessions(DateTimeImmutable $now, int $most): array
    {
        $sessions = [];
        $today = $now->setTimezone($this->zone)->setTime(0, 0);
        // One that began yesterday may go on past midnight.
        for ($ahead = -1; $ahead < self::MOST_DAYS && count($sessions) < $most; $ahead++) {
            $day = $today->modify("$ahead days");
            foreach ($this->on($day) as $sitting) {
                $session = self::left(Session::of(self::at($day, $sitting['from']), $sitting['minutes']), $now);
                $last = $sessions[count($sessions) - 1] ?? null;
                // Where a clock is put forward two can come to lie over each other; the later one is begun when the first is over.
                if ($session !== null && ($last === null || ! $last->overlaps($session))) {
                    $sessions[] = $session;
                }
            }
        }

        return array_slice($sessions, 0, $most);
    }

    /**
     * @param list<array{weekday: int, from: string, minutes: int}> $week
     *
     * @throws ValidationException when two lie over each other
     */
    public static function keepWeek(array $week): void
    {
        for ($weekday = 1; $weekday <= 7; $weekday++) {
            self::mustNotOverlap('hours', array_values(array_filter($week, static fn(array $one): bool => $one['weekday'] === $weekday)));
        }
        DB::transaction(static fn() => Setting::keep('hours', $week));
    }

    /**
     * @param list<Sitting>|null $sittings null: as the week says
     * @param int $version the one the change was made on; 0 for a day that is as the week says
     *
     * @throws ValidationException when the day is over, or two lie over each other
     */
    public static function keepDay(string $day, ?array $sittings, int $version, DateTimeImmutable $now): void
    {
        if ($day < $now->setTimezone(Setting::zone())->format('Y-m-d')) {
            throw ValidationException::withMessages(['day' => 'This day is over. Choose today or a later one.']);
        }
        self::mustNotOverlap('sittings', $sittings ?? []);
        DB::transaction(static function () use ($day, $sittings, $version): void {
            $kept = Day::query()->find($day);
            StaleWrite::unlessCurrent('This day', $version, $kept->version ?? 0);
            $sittings === null
                ? $kept?->delete()
                : Day::query()->updateOrCreate(['day' => $day], ['sittings' => $sittings, 'version' => $version + 1]);
        });
    }

    /** @param list<array{from: string, minutes: int, ...}> $sittings */
    private static function mustNotOverlap(string $field, array $sittings): void
    {
        usort($sittings, static fn(array $one, array $other): int => $one['from'] <=> $other['from']);
        foreach (array_slice($sittings, 1) as $at => $sitting) {
            if (self::minute($sittings[$at]['from']) + $sittings[$at]['minutes'] > self::minute($sitting['from'])) {
                throw ValidationException::withMessages([
                    $field => sprintf(
                        'The one from %s begins before the one from %s is over. Shorten or move one of them.',
                        $sitting['from'],
                        $sittings[$at]['from'],
                    ),
                ]);
            }
        }
    }

    private static function minute(string $time): int
    {
        return 60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2);
    }

    private static function at(DateTimeImmutable $day, string $time): DateTimeImmutable
    {
        return $day->setTime((int) substr($time, 0, 2), (int) substr($time, 3, 2));
    }

    private static function left(Session $session, DateTimeImmutable $now): ?Session
    {
        $past = $now->getTimestamp() - $session->from();
        if ($past <= 0) {
            return $session;
        }
        $gone = intdiv($past, 60 * self::STEP_MINUTES) * self::STEP_MINUTES;

        return $session->minutes - $gone < self::LEAST_MINUTES
            ? null
            : Session::of($session->start->modify("+$gone minutes"), $session->minutes - $gone);
    }
}
