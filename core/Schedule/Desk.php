<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/**
 * One painter at one desk: lays coats in a given sequence, each on one model after the other as early as it is dry and there is a session to do it in.
 *
 * A sequence is a list of turns; a turn is a coat, by its index, and how many of its models are done before something else is taken up.
 */
final class Desk
{
    /** To leave the running order of the plan without need is worth as much as these seconds. */
    private const OUT_OF_ORDER = 120;

    /** Taking up something else is worth as much as these seconds: pots, brush and water are changed, and the eye has to find its way in again. */
    private const TAKING_UP = 600;

    /** So many seconds between two coats of a step are as bad as one second later with all: the mix does not keep for weeks. */
    private const APART = 8;

    /** @var list<int> seconds on one model, by coat */
    public readonly array $span;

    /** @var list<list<int>> by coat */
    public readonly array $models;

    /** @var list<list<array{int, int, bool}>> by coat: what it waits for, seconds after it, whether on the model before */
    private readonly array $waits;

    /** @var array<int, array<int, int>> when what is done already was done, by coat and model */
    public readonly array $done;

    /** @var list<array{int, int}> coats that follow each other in one step */
    private readonly array $layers;

    /** @var list<int> */
    private readonly array $from;

    /** @var list<int> */
    private readonly array $to;

    /** @var array<int, int> seconds of the longest session from each on */
    private readonly array $longest;

    /** @var list<int> seconds since the epoch before which the batch of a coat is not begun */
    private readonly array $jobFrom;

    /**
     * @param int $grain seconds below which it does not matter when all is done, if the painter can stay at one thing instead
     * @param bool $keepsTogether a coat is laid on all models in one go wherever some session is long enough for it
     */
    public function __construct(
        public readonly Work $work,
        public readonly Sessions $sessions,
        private readonly int $grain = 1,
        public readonly bool $keepsTogether = false,
    ) {
        $span = $models = $waits = $done = [];
        foreach ($work->coats as $at => $coat) {
            $span[] = $coat->span();
            $models[] = $coat->models;
            $waits[] = array_map(static fn(Link $link): array => [$link->from, $link->lag, $link->isNextModel], $work->before[$at]);
            foreach (array_diff(range(1, $work->jobs[$coat->job]->models), $coat->models) as $model) {
                $done[$at][$model] = $work->doneAt($coat, $model) ?? PHP_INT_MIN >> 1;
            }
        }
        $this->jobFrom = array_map(static fn(Coat $coat): int => $work->jobs[$coat->job]->from, $work->coats);
        [$this->span, $this->models, $this->waits, $this->done] = [$span, $models, $waits, $done];
        $layers = [];
        foreach ($work->kits as $at => $kit) {
            if ($at > 0 && $work->kits[$at - 1] === $kit && $models[$at] !== [] && $models[$at - 1] !== []) {
                $layers[] = [$at - 1, $at];
            }
        }
        $this->layers = $layers;
        $this->from = array_map(static fn(Session $one): int => $one->from(), $sessions->all);
        $this->to = array_map(static fn(Session $one): int => $one->to(), $sessions->all);
        $longest = [];
        for ($at = count($this->to) - 1; $at >= 0; $at--) {
            $longest[$at] = max($longest[$at + 1] ?? 0, $this->to[$at] - $this->from[$at]);
        }
        $this->longest = $longest;
    }

    /**
     * @param list<array{int, int}> $sequence coat and number of models
     *
     * @return array<int, array<int, int>>|null when each coat is finished on each model, in seconds since the epoch, what was done before included;
     *                                          null when something would come before what it waits for
     */
    public function lay(array $sequence): ?array
    {
        $hand = new Hand($this);
        foreach ($sequence as [$coat, $count]) {
            if (! $hand->lay($coat, $count)) {
                return null;
            }
        }

        return $hand->ends;
    }

    /** Nothing may come between the models: it is not carried through one by one, and some session is long enough. */
    public function isInOneGo(int $coat, int $count): bool
    {
        return $this->keepsTogether && $count > 1 && ! $this->work->coats[$coat]->isCarried && $this->setUp($coat) + $count * $this->span[$coat] <= $this->longestFrom(0);
    }

    /** Seconds to fetch and thin what a coat takes, and to clean up after it. */
    public function setUp(int $coat): int
    {
        return $this->work->setUps[$this->work->kits[$coat]];
    }

    /**
     * @param int $at place of the model among those of the coat
     * @param array<int, array<int, int>> $ends
     *
     * @return int|null seconds since the epoch; null when what it waits for is not laid yet
     */
    public function earliest(int $coat, int $at, array $ends): ?int
    {
        $model = $this->models[$coat][$at];
        $start = max($this->from[0], $this->jobFrom[$coat]);
        foreach ($this->waits[$coat] as [$before, $lag, $isNextModel]) {
            $of = $model;
            if ($isNextModel) {
                if ($at < 1) {
                    continue;
                }
                $of = $this->models[$coat][$at - 1];
            }
            $end = $ends[$before][$of] ?? null;
            if ($end === null) {
                return null;
            }
            if ($end + $lag > $start) {
                $start = $end + $lag;
            }
        }

        return $start;
    }

    /**
     * The first time from here on at which so much fits into a session. Past the last session work goes on without end, so that every sequence ends;
     * `isBeyond` tells.
     *
     * @param int $session index of the session one is in; moved on
     * @param int $setUp seconds that come before it in its session
     */
    public function place(int $start, int $seconds, int &$session, int $setUp): int
    {
        $last = count($this->to) - 1;
        while ($session <= $last) {
            if ($start < $this->from[$session] + $setUp) {
                $start = $this->from[$session] + $setUp;
            }
            if ($start + $seconds <= $this->to[$session]) {
                return $start;
            }
            $session++;
        }

        return max($start, $this->to[$last] + 1);
    }

    public function isBeyond(int $end): bool
    {
        return $end > $this->to[count($this->to) - 1];
    }

    /** Seconds since the epoch at which a session ends, by its index; never for what goes on past the last. */
    public function endOf(int $session): int
    {
        return $this->to[$session] ?? PHP_INT_MAX;
    }

    /** Seconds since the epoch at which a session begins, by its index; past the last, right after it. */
    public function beginOf(int $session): int
    {
        return $this->from[$session] ?? $this->to[count($this->to) - 1] + 1;
    }

    /** Seconds of the longest session from this one on; past the last there is no end. */
    public function longestFrom(int $session): int
    {
        return $this->longest[$session] ?? PHP_INT_MAX;
    }

    public function begin(): int
    {
        return $this->from[0];
    }

    /** Index of the session that is under way at this time. */
    public function sessionAt(int $time): int
    {
        foreach ($this->to as $at => $end) {
            if ($time <= $end) {
                return $at;
            }
        }

        return count($this->to);
    }

    /**
     * How good a sequence is, the less the better: first when all is done; then when each batch is done and may rest, how far coats of one step lie
     * apart, how often something else is taken up, and how often that is before its turn.
     *
     * @param list<array{int, int}> $sequence
     *
     * @return list<int>|null null when it cannot be
     */
    public function cost(array $sequence): ?array
    {
        $ends = $this->lay($sequence);
        if ($ends === null) {
            return null;
        }
        $last = $this->from[0];
        $byJob = array_fill(0, count($this->work->jobs), $this->from[0]);
        foreach ($sequence as [$coat]) {
            $end = max([0, ...$ends[$coat]]);
            $last = max($last, $end);
            $byJob[$this->work->coats[$coat]->job] = max($byJob[$this->work->coats[$coat]->job], $end);
        }
        $stops = 0;
        foreach ($this->work->stops as $coats) {
            $rest = $this->from[0];
            foreach ($coats as $coat) {
                $rest = max([$rest, ...$ends[$coat] ?? []]);
            }
            $stops += $rest - $this->from[0];
        }

        $apart = 0;
        foreach ($this->layers as [$before, $after]) {
            $apart += max(0, min([PHP_INT_MAX, ...$ends[$after]]) - max([0, ...$ends[$before]]));
        }

        return [$this->rounded($last), array_sum($byJob) - count($byJob) * $this->from[0] + $stops + intdiv($apart, self::APART) + self::TAKING_UP * count($sequence) + self::OUT_OF_ORDER * self::outOfOrder($sequence)];
    }

    /** An end as far as it matters when that is: up to the next grain. */
    public function rounded(int $end): int
    {
        return $this->from[0] + (int) ceil(($end - $this->from[0]) / $this->grain) * $this->grain;
    }

    /** @param list<array{int, int}> $sequence */
    private static function outOfOrder(array $sequence): int
    {
        $out = 0;
        foreach ($sequence as $at => [$coat]) {
            $out += $at > 0 && $sequence[$at - 1][0] > $coat ? 1 : 0;
        }

        return $out;
    }
}
