<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/**
 * The time before which nobody can be through, whatever the sequence.
 *
 * Nothing begins before all it waits for was done one right after the other; of all that cannot begin before some time and leaves at least
 * so much to be done after it, the work has to find room from that time on (Carlier, "The one-machine sequencing problem", 1982).
 */
final readonly class Bound
{
    /** @return int seconds since the epoch */
    public static function of(Desk $desk): int
    {
        $heads = self::heads($desk);
        $work = $desk->work;
        $byTail = array_keys($heads);
        $after = static fn(int $coat): int => $work->tails[$coat] - $work->coats[$coat]->span();
        usort($byTail, static fn(int $one, int $other): int => $after($other) <=> $after($one));
        $bound = $desk->begin();
        foreach (array_unique($heads) as $head) {
            $seconds = $settingUp = $longest = 0;
            $kits = [];
            foreach ($byTail as $coat) {
                if ($heads[$coat] >= $head) {
                    $seconds += count($work->coats[$coat]->models) * $work->coats[$coat]->handsOn();
                    if (! isset($kits[$work->kits[$coat]])) {
                        $kits[$work->kits[$coat]] = true;
                        $settingUp += $desk->setUp($coat);
                        $longest = max($longest, $desk->setUp($coat));
                    }
                    // The first of them may have been set up before.
                    $bound = max($bound, $desk->sessions->after($seconds + $settingUp - $longest, $head) + $after($coat));
                }
            }
        }

        return $bound;
    }

    /**
     * @return array<int, int> by coat that is still to be laid, when it can begin on one model at the earliest if nothing else had to be
     *     painted
     */
    private static function heads(Desk $desk): array
    {
        $heads = [];
        $find = static function (int $coat) use (&$find, &$heads, $desk): int {
            if (isset($heads[$coat])) {
                return $heads[$coat];
            }
            $start = max($desk->begin(), $desk->work->jobs[$desk->work->coats[$coat]->job]->from);
            foreach ($desk->work->before[$coat] as $link) {
                if (! $link->isNextModel && $desk->models[$link->from] !== []) {
                    $start = max($start, $find($link->from) + $desk->span[$link->from] + $link->lag);
                }
            }
            $session = 0;
            // A later coat of the same step finds everything set up.
            $isFirst = array_search(
                $desk->work->kits[$coat],
                array_filter($desk->work->kits, static fn(int $at): bool => $desk->models[$at] !== [], ARRAY_FILTER_USE_KEY),
                true,
            ) === $coat;

            return $heads[$coat] = $desk->place($coat, $start, $desk->span[$coat], $session, $isFirst ? $desk->setUp($coat) : 0);
        };
        foreach ($desk->models as $coat => $models) {
            if ($models !== []) {
                $find($coat);
            }
        }

        return $heads;
    }
}
