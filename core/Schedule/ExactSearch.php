<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/**
 * Goes through all sequences of a small piece of work, leaving out what cannot be better: what a bound forbids, and what comes to the same coats laid with
 * nothing dry any sooner. It ends with the best there is, or gives up.
 */
final class ExactSearch
{
    /** Coats and models looked at, in all states; then it gives up. */
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
            $search->go($desk->lay([]) ?? [], array_fill(0, count($desk->span), 0), $desk->begin(), 0, $desk->work->handsOn());
        }

        return Improvement::joined($search->best);
    }

    /**
     * @param array<int, array<int, int>> $ends
     * @param array<int, int> $next
     */
    private function go(array $ends, array $next, int $now, int $session, int $left): void
    {
        if ($left <= 0) {
            if ($this->desk->rounded($now) < $this->bestEnd) {
                [$this->best, $this->bestEnd] = [$this->sequence, $this->desk->rounded($now)];
            }

            return;
        }
        if ($this->looks >= self::MOST_LOOKS || $this->bestEnd <= $this->bound || $this->isWorse($ends, $next, $now)) {
            return;
        }
        $this->looks += count($next) + array_sum($next);
        foreach ($this->choices($ends, $next, $now) as [$coat, $count]) {
            [$moreEnds, $moreNext, $then, $in] = [$ends, $next, $now, $session];
            for ($i = 0; $i < $count; $i++) {
                $earliest = $this->desk->earliest($coat, $moreNext[$coat], $moreEnds) ?? PHP_INT_MAX >> 1;
                $then = $this->desk->place(max($then, $earliest), $this->desk->span[$coat], $in) + $this->desk->span[$coat];
                $moreEnds[$coat][$this->desk->models[$coat][$moreNext[$coat]++]] = $then;
            }
            $this->sequence[] = [$coat, $count];
            $this->go($moreEnds, $moreNext, $then, $in, $left - $count * $this->desk->work->coats[$coat]->handsOn());
            array_pop($this->sequence);
        }
    }

    /**
     * @param array<int, array<int, int>> $ends
     * @param array<int, int> $next
     *
     * @return list<array{int, int}> coat and number of models, what is ready soonest and most urgent first
     */
    private function choices(array $ends, array $next, int $now): array
    {
        $choices = [];
        $left = 0;
        $latest = 0;
        foreach ($next as $coat => $at) {
            $models = count($this->desk->models[$coat]);
            $left += ($models - $at) * $this->desk->work->coats[$coat]->handsOn();
            $start = $at < $models ? $this->desk->earliest($coat, $at, $ends) : null;
            if ($start === null) {
                continue;
            }
            $start = max($start, $now);
            $latest = max($latest, $start + $this->desk->work->tails[$coat]);
            $count = 1;
            while (! $this->isSingly && $at + $count < $models && $this->desk->earliest($coat, $at + $count, $ends) !== null) {
                $count++;
            }
            $choices[] = [$start, -$this->desk->work->tails[$coat], $coat, $count];
        }
        if (max($now + $left, $latest) >= $this->bestEnd) {
            return [];
        }
        sort($choices);

        return array_map(static fn(array $one): array => [$one[2], $one[3]], $choices);
    }

    /**
     * @param array<int, array<int, int>> $ends
     * @param array<int, int> $next
     */
    private function isWorse(array $ends, array $next, int $now): bool
    {
        $state = [$now];
        foreach ($next as $coat => $laid) {
            foreach (array_slice($this->desk->models[$coat], 0, $laid) as $model) {
                $state[] = $ends[$coat][$model];
            }
        }
        $key = implode(' ', $next);
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
