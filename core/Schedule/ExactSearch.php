<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/**
 * Goes through all sequences of a small piece of work, leaving out what cannot be better: what a bound forbids, and what comes to the same
 * coats laid with nothing dry any sooner. It ends with the best there is, or gives up.
 */
final class ExactSearch
{
    /** Coats and models looked at, and states compared; then it gives up. */
    private const MOST_LOOKS = 1_200_000;

    private int $looks = 0;

    /** @var list<array{int, int}> */
    private array $best;

    private int $bestEnd;

    /** @var array<string, list<list<int>>> what was reached already, by the coats laid */
    private array $reached = [];

    /** @var list<array{int, int}> */
    private array $sequence = [];

    /** @param list<array{int, int}> $known a sequence that can be */
    private function __construct(
        private readonly Desk $desk,
        array $known,
        private readonly int $bound,
        private readonly bool $isSingly,
    ) {
        $this->best = $known;
        $this->bestEnd = $desk->cost($known)[0] ?? PHP_INT_MAX;
    }

    /**
     * @param list<array{int, int}> $known a sequence that can be
     * @param bool $isSingly model by model; otherwise a coat is laid on all models that are ready for it
     *
     * @return list<array{int, int}> the soonest through
     */
    public static function of(Desk $desk, array $known, int $bound, bool $isSingly): array
    {
        $search = new self($desk, $known, $bound, $isSingly);
        if ($search->bestEnd > $bound) {
            $search->go(new Hand($desk), array_sum(array_map(count(...), $desk->models)));
        }

        return Improvement::joined($search->best);
    }

    /** @param int $left coats on single models */
    private function go(Hand $hand, int $left): void
    {
        if ($left <= 0) {
            if ($this->desk->rounded($hand->now) < $this->bestEnd) {
                [$this->best, $this->bestEnd] = [$this->sequence, $this->desk->rounded($hand->now)];
            }

            return;
        }
        if ($this->looks >= self::MOST_LOOKS || $this->bestEnd <= $this->bound || $this->isWorse($hand)) {
            return;
        }
        $this->looks += count($hand->next) + array_sum($hand->next);
        foreach ($this->choices($hand) as [$coat, $count]) {
            $then = clone $hand;
            $then->lay($coat, $count);
            $this->sequence[] = [$coat, $count];
            $this->go($then, $left - $count);
            array_pop($this->sequence);
        }
    }

    /** @return list<array{int, int}> coat and number of models, what is ready soonest and most urgent first */
    private function choices(Hand $hand): array
    {
        $choices = [];
        $left = 0;
        $latest = 0;
        $kits = [];
        foreach ($hand->next as $coat => $at) {
            $models = count($this->desk->models[$coat]);
            $left += ($models - $at) * $this->desk->work->coats[$coat]->handsOn();
            if ($at < $models && ! $hand->isReady($coat)) {
                $kits[] = $coat;
            }
            $start = $at < $models ? $this->desk->earliest($coat, $at, $hand->ends) : null;
            if ($start === null) {
                continue;
            }
            $start = $this->desk->opens($coat, max($start, $hand->now + $hand->setUp($coat)), $this->desk->span[$coat]);
            $latest = max($latest, $start + $this->desk->work->tails[$coat]);
            $count = 1;
            while (
                ! $this->isSingly
                && ! $this->desk->work->coats[$coat]->isCarried
                && $at + $count < $models
                && $this->desk->earliest($coat, $at + $count, $hand->ends) !== null
            ) {
                $count++;
            }
            if ($count < $models - $at && $this->desk->isInOneGo($coat, $models - $at)) {
                continue;
            }
            $choices[] = [$start, -$this->desk->work->tails[$coat], $coat, $count];
        }
        if (max($hand->now + $left + $this->desk->work->settingUp($kits), $latest) >= $this->bestEnd) {
            return [];
        }
        sort($choices);

        return array_map(static fn(array $one): array => [$one[2], $one[3]], $choices);
    }

    private function isWorse(Hand $hand): bool
    {
        $state = [$hand->now];
        foreach ($hand->next as $coat => $laid) {
            foreach (array_slice($this->desk->models[$coat], 0, $laid) as $model) {
                $state[] = $hand->ends[$coat][$model];
            }
        }
        $key = implode(' ', $hand->next);
        $this->looks += count($this->reached[$key] ?? []);
        foreach ($this->reached[$key] ?? [] as $other) {
            if (self::isNoLater($other, $state)) {
                return true;
            }
        }
        $this->reached[$key][] = $state;

        return false;
    }

    /**
     * @param list<int> $one
     * @param list<int> $other
     */
    private static function isNoLater(array $one, array $other): bool
    {
        foreach ($one as $at => $time) {
            if ($time > $other[$at]) {
                return false;
            }
        }

        return true;
    }
}
