<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Pass;

/** What is to be sprayed next of a batch, and finds no fit hour in any session as far as the weather is known. */
final readonly class HeldUp
{
    /**
     * @param int $seconds that it takes, set up and with the waits between its coats
     * @param int|null $from seconds since the epoch at which the first fit hours begin that are long enough for it; null when none are known
     */
    private function __construct(
        public int $job,
        public Pass $pass,
        public int $seconds,
        public ?int $from,
    ) {}

    /**
     * @param int $now seconds since the epoch
     *
     * @return list<self> at most one of each batch
     */
    public static function all(Work $work, Sessions $sessions, int $now): array
    {
        $held = [];
        $openings = Opening::all($work);
        foreach ($work->coats as $at => $coat) {
            $piece = $coat->pieces[0];
            $isNext = $coat->models !== []
                && $coat->isFromCan()
                && ! isset($held[$coat->job])
                && $openings[Opening::key($coat->job, $piece->pass->step->id, $piece->coat)]->canBegin;
            if ($isNext) {
                $from = max($work->jobs[$coat->job]->from, $now);
                $seconds = self::seconds($work, $at);
                $before = array_values(array_filter(
                    $sessions->all,
                    static fn(Session $one): bool => $one->to() > $from && $one->from() < $work->sprayHours->until,
                ));
                if ($before !== [] && ! self::fits($work->sprayHours, $before, $from, $seconds)) {
                    $held[$coat->job] = new self($coat->job, $piece->pass, $seconds, self::window($work->sprayHours, $from, $seconds));
                }
            }
        }

        return array_values($held);
    }

    /** All that comes from a can one after the other. */
    private static function seconds(Work $work, int $first): int
    {
        $seconds = 0;
        $kits = [];
        for ($at = $first; ($coat = $work->coats[$at] ?? null) !== null && $coat->isFromCan() && $coat->job === $work->coats[$first]->job; $at++) {
            $kits[] = $at;
            $lags = array_map(static fn(Link $link): int => $at > $first && $link->from === $at - 1 ? $link->lag : 0, $work->before[$at]);
            $seconds += count($coat->models) * $coat->span() + max([0, ...$lags]);
        }

        return $seconds + $work->settingUp($kits);
    }

    /** @param list<Session> $sessions */
    private static function fits(SprayHours $hours, array $sessions, int $from, int $seconds): bool
    {
        return array_any(
            $sessions,
            static fn(Session $one): bool => $hours->opens(max($from, $one->from()), $seconds) + $seconds <= $one->to(),
        );
    }

    private static function window(SprayHours $hours, int $from, int $seconds): ?int
    {
        $start = $hours->opens($from, $seconds);

        return $start + $seconds <= $hours->until ? $start : null;
    }
}
