<?php

declare(strict_types=1);

namespace App\Evenings;

use DateTimeImmutable;
use Kalokroma\Schedule\Coat;
use Kalokroma\Schedule\Desk as CoreDesk;
use Kalokroma\Schedule\Item;
use Kalokroma\Schedule\Manner;
use Kalokroma\Schedule\Scheduler;
use Kalokroma\Schedule\Session;
use Kalokroma\Schedule\Sessions;

/** So many minutes, now: what is worth sitting down for. */
final readonly class Moment
{
    private const OTHERS = 3;

    /**
     * @param list<Item> $items in the order they are painted
     * @param list<Item> $others what could be painted instead, each by itself
     */
    private function __construct(
        public array $items,
        public array $others,
    ) {}

    /** @param int $minutes one or more */
    public static function of(Agenda $agenda, DateTimeImmutable $now, int $minutes): self
    {
        $session = Session::of($now, $minutes);
        $later = array_values(array_filter($agenda->hours->sessions($now->modify("+$minutes minutes"), 200), static fn(Session $one): bool => ! $one->overlaps($session)));
        $sessions = Sessions::of([$session, ...$later]);
        $items = array_values(array_filter(Scheduler::roughly($agenda->work, $sessions, Manner::Calm)->items, static fn(Item $one): bool => $one->session === 0));

        return new self($items, self::others($agenda, $session, $items));
    }

    /**
     * @param list<Item> $items
     *
     * @return list<Item>
     */
    private static function others(Agenda $agenda, Session $session, array $items): array
    {
        $desk = new CoreDesk($agenda->work, Sessions::of([$session]));
        $ends = $desk->lay([]) ?? [];
        $others = [];
        foreach ($agenda->work->coats as $at => $coat) {
            $start = $coat->models === [] ? null : $desk->earliest($at, 0, $ends);
            if ($start === null || $start > $session->from() + 60 || self::isAmong($coat, $items)) {
                continue;
            }
            $fits = min(count($coat->models), intdiv($session->to() - $session->from(), $coat->span()));
            if ($fits > 0) {
                $piece = $coat->pieces[0];
                /** @var non-empty-list<int> $models */
                $models = array_slice($coat->models, 0, $fits);
                $others[] = [$fits === count($coat->models) ? 0 : 1, -$agenda->work->tails[$at], new Item($coat->job, $piece->pass, $piece->coat, $models, $session->from(), $session->from() + $fits * $coat->span(), 0)];
            }
        }
        usort($others, static fn(array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);

        return array_map(static fn(array $one): Item => $one[2], array_slice($others, 0, self::OTHERS));
    }

    /** @param list<Item> $items */
    private static function isAmong(Coat $coat, array $items): bool
    {
        foreach ($items as $item) {
            if ($item->job === $coat->job && $item->pass === $coat->pieces[0]->pass) {
                return true;
            }
        }

        return false;
    }
}
