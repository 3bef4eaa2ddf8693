<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/** Builds a sequence by always taking up the most urgent of what can begin, with a look at what will have dried while that is painted. */
final class ListScheduler
{
    private readonly Hand $hand;

    /** @var array<int, array{int, int}|null> by coat not through yet: models that can be done now, and from when; null: to be looked up anew */
    private array $runs = [];

    private function __construct(
        private readonly Desk $desk,
        private readonly Choice $choice,
    ) {
        $this->hand = new Hand($desk);
        foreach ($desk->models as $coat => $models) {
            if ($models !== []) {
                $this->runs[$coat] = null;
            }
        }
    }

    /** @return list<array{int, int}> */
    public static function sequence(Desk $desk, Choice $choice): array
    {
        $painter = new self($desk, $choice);
        $sequence = [];
        while ($painter->runs !== []) {
            [$coat, $count] = $painter->take();
            $painter->paint($coat, $count);
            $last = count($sequence) - 1;
            if ($last >= 0 && $sequence[$last][0] === $coat) {
                $sequence[$last][1] += $count;
            } else {
                $sequence[] = [$coat, $count];
            }
        }

        return $sequence;
    }

    /** @return array{int, int} coat and number of models */
    private function take(): array
    {
        for (;;) {
            [$best, $soonest] = [null, PHP_INT_MAX];
            $can = [];
            foreach ($this->runs as $coat => $run) {
                [$count, $start] = $run ?? $this->runs[$coat] = $this->run($coat);
                $start = $this->desk->opens($coat, max($start, $this->hand->now + $this->hand->setUp($coat)), $this->desk->span[$coat]);
                $fits = min($count, $this->desk->fits($coat, $start, $this->hand->session));
                if (
                    $fits > 0
                    && (
                        $fits === $count
                        || ! $this->fitsLater($coat, $count)
                        || (
                            $this->choice->fillsUp
                            && ($this->hand->isLeftOff($coat) || ! $this->desk->isHardlyWorth($coat, $count, $start, $this->hand->session))
                        )
                    )
                ) {
                    $can[$coat] = [$fits, $start];
                    $soonest = min($soonest, $start);
                }
            }
            foreach ($can as $coat => [$fits, $start]) {
                if ($start === $soonest && ($best === null || $this->rank($coat) > $this->rank($best))) {
                    $best = $coat;
                }
            }
            if ($best !== null) {
                return [$best, $this->shortened($best, $can)];
            }
            $this->nextSession();
        }
    }

    /**
     * @return array{bool, bool, float} what lies about half done comes first, then what there is a mix for, if it is to be calm; then what
     *     is most urgent
     */
    private function rank(int $coat): array
    {
        return [$this->hand->isLeftOff($coat), $this->desk->manner === Manner::Calm && $this->hand->isReady($coat), $this->choice->urgency[$coat]];
    }

    /** Nothing more fits into this session. */
    private function nextSession(): void
    {
        $this->hand->session++;
        $this->hand->now = max($this->hand->now, $this->desk->beginOf($this->hand->session));
    }

    /** All of it fits into a session to come, so that it need not be torn apart tonight. */
    private function fitsLater(int $coat, int $count): bool
    {
        return $this->desk->longestFrom($this->hand->session + 1) >= $this->desk->setUp($coat) + $count * $this->desk->span[$coat];
    }

    /**
     * @param array<int, array{int, int}> $can
     *
     * @return int models until something more urgent has dried
     */
    private function shortened(int $best, array $can): int
    {
        [$count, $start] = $can[$best];
        if (! $this->choice->cutsShort) {
            return $count;
        }
        $until = $start + $count * $this->desk->span[$best];
        foreach ($can as $coat => [, $from]) {
            if ($from > $start && $from < $until && $this->choice->urgency[$coat] > $this->choice->urgency[$best]) {
                $until = $from;
            }
        }

        return max(1, min($count, intdiv($until - $start, $this->desk->span[$best])));
    }

    private function paint(int $coat, int $count): void
    {
        $this->hand->lay($coat, $count);
        $this->runs[$coat] = null;
        if ($this->hand->next[$coat] === count($this->desk->models[$coat])) {
            unset($this->runs[$coat]);
        }
        foreach ($this->desk->work->after[$coat] as $link) {
            if (array_key_exists($link->to, $this->runs)) {
                $this->runs[$link->to] = null;
            }
        }
    }

    /** @return array{int, int} how many models of a coat can be done one after the other, and from when without a pause */
    private function run(int $coat): array
    {
        $start = 0;
        $models = count($this->desk->models[$coat]);
        for ($at = $this->hand->next[$coat], $count = 0; $at < $models; $at++, $count++) {
            $earliest = $this->desk->earliest($coat, $at, $this->hand->ends);
            if ($earliest === null) {
                break;
            }
            $start = max($start, $earliest - $count * $this->desk->span[$coat]);
        }

        return [$count, $start];
    }
}
