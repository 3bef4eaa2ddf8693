<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

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

    /** @param list<Session> $later those after it */
    public static function of(Work $work, Session $now, array $later): self
    {
        $after = array_filter($later, static fn(Session $one): bool => ! $one->overlaps($now));
        $sessions = Sessions::of([$now, ...array_values($after)]);
        $items = array_values(array_filter(
            Scheduler::roughly($work, $sessions, Manner::Calm)->items,
            static fn(Item $one): bool => $one->session === 0,
        ));

        return new self($items, self::others($work, $now, $items));
    }

    /**
     * @param list<Item> $items
     *
     * @return list<Item>
     */
    private static function others(Work $work, Session $session, array $items): array
    {
        $desk = new Desk($work, Sessions::of([$session]));
        $ends = $desk->lay([]) ?? [];
        $others = [];
        foreach ($work->coats as $at => $coat) {
            $start = $coat->models === [] ? null : $desk->earliest($at, 0, $ends);
            if ($start === null || $start > $session->from() + 60 || self::isAmong($coat, $items)) {
                continue;
            }
            $fits = min(count($coat->models), intdiv($session->to() - $session->from(), $coat->span()));
            if ($fits > 0) {
                $piece = $coat->pieces[0];
                /** @var non-empty-list<int> $models */
                $models = array_slice($coat->models, 0, $fits);
                $others[] = [
                    $fits === count($coat->models) ? 0 : 1,
                    -$work->tails[$at],
                    new Item($coat->job, $piece->pass, $piece->coat, $models, $session->from(), $session->from() + $fits * $coat->span(), 0),
                ];
            }
        }
        usort($others, static fn(array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);

        return array_map(static fn(array $one): Item => $one[2], array_slice($others, 0, self::OTHERS));
    }

    /** @param list<Item> $items */
    private static function isAmong(Coat $coat, array $items): bool
    {
        return array_any($items, static fn(Item $item): bool => $item->job === $coat->job && $item->pass === $coat->pieces[0]->pass);
    }
}
