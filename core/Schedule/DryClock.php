<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Pass;

/** Something that dries: from when it was laid until what comes next may be done to it. */
final readonly class DryClock
{
    /**
     * @param int $coat that was laid, from 1
     * @param non-empty-list<int> $models by number
     * @param int $since seconds since the epoch, of the model that was painted last
     * @param int $until seconds since the epoch
     * @param Pass $next what waits for it
     */
    private function __construct(
        public int $job,
        public Pass $pass,
        public int $coat,
        public array $models,
        public int $since,
        public int $until,
        public Pass $next,
        public int $nextCoat,
        public DryKind $kind,
    ) {}

    /**
     * What was laid and something still waits for; of several things that wait the one that may come soonest.
     *
     * @return list<self> the soonest dry first; those that are dry already too
     */
    public static function all(Work $work): array
    {
        $clocks = [];
        foreach ($work->coats as $at => $coat) {
            $piece = $coat->pieces[array_key_last($coat->pieces)];
            foreach ($work->after[$at] as $link) {
                $next = $work->coats[$link->to];
                $models = array_values(array_filter($next->models, static fn(int $model): bool => $work->doneAt($coat, $model) !== null));
                if ($link->lag <= 0 || $link->isNextModel || $models === []) {
                    continue;
                }
                $since = max(array_map(static fn(int $model): int => $work->doneAt($coat, $model) ?? 0, $models));
                $key = "$coat->job {$piece->pass->step->id} $piece->coat";
                if (! isset($clocks[$key]) || $since + $link->lag < $clocks[$key]->until) {
                    $clocks[$key] = new self(
                        $coat->job,
                        $piece->pass,
                        $piece->coat,
                        $models,
                        $since,
                        $since + $link->lag,
                        $next->pieces[0]->pass,
                        $next->pieces[0]->coat,
                        DryKind::between($piece->pass->step, $next->pieces[0]->pass->step),
                    );
                }
            }
        }
        usort($clocks, static fn(self $one, self $other): int => $one->until <=> $other->until);

        return $clocks;
    }
}
