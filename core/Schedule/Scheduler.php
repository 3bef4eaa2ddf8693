<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/**
 * Finds out what to paint when, so that all is through as soon as it can be: lists by several kinds of urgency, the best of them improved,
 * and of a small piece of work all sequences gone through.
 */
final class Scheduler
{
    /** Beyond these going through all sequences would only give up. */
    private const FEW_TURNS = 24;

    private const FEW_TASKS = 40;

    /** Coats beyond which only two lists are written, by the running order, whole and filling up: the others take eight times as long. */
    private const MANY_COATS = 300;

    /**
     * Each coat on all models in one go, wherever some session is long enough for it; only where the sessions do not suffice so is a batch
     * torn apart.
     */
    public static function inWholeCoats(Work $work, Sessions $sessions): Schedule
    {
        $desk = new Desk($work, $sessions, Manner::WholeCoats);
        $schedule = Schedule::of($desk, self::sequence($desk));

        return $schedule->isWhole() ? $schedule : self::schedule($work, $sessions);
    }

    public static function schedule(Work $work, Sessions $sessions, Manner $manner = Manner::Soonest): Schedule
    {
        return self::laid($work, $sessions, self::sequenceFor($work, $sessions, $manner), $manner);
    }

    /**
     * The sequence alone, which can be kept and laid again while nothing has changed.
     *
     * @return list<array{int, int}> coat and number of models
     */
    public static function sequenceFor(Work $work, Sessions $sessions, Manner $manner): array
    {
        return self::sequence(new Desk($work, $sessions, $manner));
    }

    /**
     * A sequence that was made earlier, without what was done since; what was taken back comes first. An evening does not change its mind
     * with every coat.
     *
     * @param list<array{int, int}> $before coat and number of models, of the same batches
     *
     * @return list<array{int, int}>|null null when it cannot be any more
     */
    public static function continued(Work $work, Sessions $sessions, array $before, Manner $manner): ?array
    {
        $desk = new Desk($work, $sessions, $manner);
        $left = array_map(count(...), $desk->models);
        $sequence = [];
        foreach ($before as [$coat, $count]) {
            $now = min($count, $left[$coat] ?? 0);
            $sequence[] = [$coat, $now];
            if ($now > 0) {
                $left[$coat] -= $now;
            }
        }
        $again = array_map(static fn(int $coat): array => [$coat, $left[$coat]], array_keys(array_filter($left)));
        $sequence = Improvement::joined([...$again, ...$sequence]);

        return $desk->lay($sequence) === null ? null : $sequence;
    }

    /**
     * @param list<array{int, int}> $sequence coat and number of models
     * @param Manner $manner it was made in
     */
    public static function laid(Work $work, Sessions $sessions, array $sequence, Manner $manner): Schedule
    {
        return Schedule::of(new Desk($work, $sessions, $manner), $sequence);
    }

    /** A good one at once, for questions that are asked many times over: the best of the lists, not improved. */
    public static function roughly(Work $work, Sessions $sessions, Manner $manner = Manner::Soonest): Schedule
    {
        $desk = new Desk($work, $sessions, $manner);

        return Schedule::of($desk, self::listed($desk)[0]);
    }

    /** @return array{list<array{int, int}>, list<int>|null} the best of the lists, and its cost */
    private static function listed(Desk $desk): array
    {
        [$best, $least] = [[], null];
        foreach (self::choices($desk) as $choice) {
            $sequence = ListScheduler::sequence($desk, $choice);
            $cost = $desk->cost($sequence);
            if ($cost !== null && ($least === null || $cost < $least)) {
                [$best, $least] = [$sequence, $cost];
            }
        }

        return [$best, $least];
    }

    /** @return list<array{int, int}> */
    private static function sequence(Desk $desk): array
    {
        $bound = $desk->rounded(Bound::of($desk));
        [$best, $least] = self::listed($desk);
        if ($least === null) {
            return $best;
        }
        $best = Improvement::of($desk, $best);
        $tasks = array_sum(array_map(count(...), $desk->models));
        if (count(array_filter($desk->models)) <= self::FEW_TURNS) {
            $best = ExactSearch::of($desk, $best, $bound, false);
        }
        if ($tasks <= self::FEW_TASKS && $desk->manner !== Manner::WholeCoats) {
            $best = ExactSearch::of($desk, $best, $bound, true);
        }

        return $best;
    }

    /** @return list<Choice> the calmest first: of two as good it is taken */
    private static function choices(Desk $desk): array
    {
        $coats = count($desk->span);
        $isMuch = count(array_filter($desk->models)) > self::MANY_COATS;
        $byOrder = array_map(static fn(int $at): float => (float) ($coats - $at), array_keys($desk->span));
        $byTail = array_map(floatval(...), $desk->work->tails);
        $byLoad = array_map(
            static fn(int $at): float => (float) ($desk->work->tails[$at] + (count($desk->models[$at]) - 1) * $desk->span[$at]),
            array_keys($desk->span),
        );
        $choices = [];
        foreach ($isMuch ? [$byOrder] : [$byOrder, $byTail, $byLoad] as $urgency) {
            foreach ($desk->manner === Manner::WholeCoats
                ? [[false, false]]
                : [[false, false], [false, true], ...($isMuch ? [] : [[true, true]])] as [$cuts, $fills]) {
                $choices[] = new Choice($urgency, $cuts, $fills);
            }
        }

        return $choices;
    }
}
