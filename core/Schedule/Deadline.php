<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Spare;

/**
 * What has to go so that a batch is ready by a day: optional steps first, then the last lights and details; the shade stays, it is what
 * makes a model readable.
 */
final readonly class Deadline
{
    /**
     * @param list<Pass> $dropped in the order they would be left out
     * @param int|null $at seconds since the epoch when it would be ready; null when no session is left for it
     */
    private function __construct(
        public array $dropped,
        public ?int $at,
        public bool $isMet,
    ) {}

    /**
     * @param list<Job> $jobs that share the desk
     * @param int $number which of them
     * @param string|null $stop step after which it counts as ready; null: when all is done
     * @param int $by seconds since the epoch
     * @param callable(list<Job>): Schedule $schedule
     */
    public static function of(array $jobs, int $number, ?string $stop, int $by, callable $schedule): self
    {
        $dropped = [];
        $last = $stop === null ? null : $jobs[$number]->squad->order()->pass($stop)?->number;
        $at = self::ready($schedule($jobs), $number, $last);
        foreach (self::candidates($jobs[$number], $stop) as $pass) {
            if ($at !== null && $at <= $by) {
                break;
            }
            $jobs[$number] = $jobs[$number]->without($pass->step->id);
            $dropped[] = $pass;
            $at = self::ready($schedule(array_values($jobs)), $number, $last);
        }

        return new self($dropped, $at, $at !== null && $at <= $by);
    }

    /** @param int|null $last number of the pass after which it counts as ready */
    private static function ready(Schedule $schedule, int $number, ?int $last): ?int
    {
        if (! $schedule->isWhole()) {
            return null;
        }
        $ends = [$schedule->sessions->all[0]->from()];
        foreach ($schedule->items as $item) {
            if ($item->job === $number && ($last === null || $item->pass->number <= $last)) {
                $ends[] = $item->end;
            }
        }

        return max($ends);
    }

    /** @return list<Pass> what may go, the least missed first */
    private static function candidates(Job $job, ?string $stop): array
    {
        $order = $job->squad->order();
        $end = $stop === null ? null : $order->pass($stop);
        $open = array_values(array_filter(
            $order->passes,
            static fn(Pass $pass): bool => $job->left($pass->step->id, $pass->step->coats) !== [] && $pass->step->id !== $stop
                && ($end === null || $pass->number <= $end->number),
        ));

        return Spare::of($open);
    }
}
