<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use DateTimeImmutable;
use Kalokroma\Planning\Climate;
use Kalokroma\Planning\Paces;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;

/**
 * A batch painted all at once, or in smaller ones one after the other: how long each takes at the desk without a break, and how much of it
 * is waiting.
 */
final readonly class BatchSplit
{
    /** As long as anybody could sit without end. */
    private const DAYS = 120;

    private function __construct(
        public int $size,
        public int $count,
        public float $minutes,
        public float $waitMinutes,
    ) {}

    /**
     * @param int $models in all
     *
     * @return list<self> all at once first, then in ever smaller batches of a size
     */
    public static function of(Plan $plan, int $models, ?Climate $climate = null, ?Paces $paces = null): array
    {
        $splits = [];
        foreach (self::sizes($models) as $size) {
            $last = $models % $size;
            $times = [...array_fill(0, intdiv($models, $size), $size), ...($last > 0 ? [$last] : [])];
            $took = [];
            foreach (array_unique($times) as $each) {
                $took[$each] = self::took($plan, $each, $climate, $paces);
            }
            $minutes = $waits = 0.0;
            foreach ($times as $each) {
                $minutes += $took[$each][0];
                $waits += $took[$each][1];
            }
            $splits[] = new self($size, count($times), $minutes, $waits);
        }

        return $splits;
    }

    /** @return list<int> */
    private static function sizes(int $models): array
    {
        $sizes = array_unique([$models, (int) ceil($models / 2), (int) ceil($models / 4), 1]);
        rsort($sizes);

        return $sizes;
    }

    /** @return array{float, float} minutes from first to last, and of them those spent waiting */
    private static function took(Plan $plan, int $models, ?Climate $climate, ?Paces $paces): array
    {
        $begin = new DateTimeImmutable('@0');
        $sessions = Sessions::of(array_map(
            static fn(int $day): Session => Session::of($begin->modify("+$day days"), Session::LONGEST_MINUTES),
            range(0, self::DAYS),
        ));
        $work = Work::of([Job::of(SquadPlan::alike($plan, $models), paces: $paces)], $climate);
        $minutes = (Scheduler::roughly($work, $sessions)->finish() ?? 0) / 60;

        return [$minutes, max(0.0, $minutes - $work->handsOn() / 60)];
    }
}
