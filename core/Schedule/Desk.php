<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/**
 * One painter at one desk: lays coats in a given sequence, each on one model after the other as early as it is dry and there is a session
 * to do it in.
 *
 * A sequence is a list of turns; a turn is a coat, by its index, and how many of its models are done before something else is taken up.
 */
final class Desk
{
    /** So much of the models is worth opening a pot for at the end of an evening. */
    private const WORTH = 0.3;

    /** @var list<int> seconds on one model, by coat */
    public readonly array $span;

    /** @var list<list<int>> by coat */
    public readonly array $models;

    /** @var list<list<array{int, int, bool}>> by coat: what it waits for, seconds after it, whether on the model before */
    private readonly array $waits;

    /** @var array<int, array<int, int>> when what is done already was done, by coat and model */
    public readonly array $done;

    /** @var list<int> */
    private readonly array $from;

    /** @var list<int> */
    private readonly array $to;

    /** @var array<int, int> seconds of the longest session from each on */
    private readonly array $longest;

    /** @var list<int> seconds since the epoch before which the batch of a coat is not begun */
    private readonly array $jobFrom;

    /** @var array<int, SprayHours> by coat that comes from a can, where some are shut */
    private readonly array $sprayHours;

    /** @var list<int> coats that are done on some models and left on others */
    public readonly array $begun;

    private ?Cost $cost = null;

    public function __construct(
        public readonly Work $work,
        public readonly Sessions $sessions,
        public readonly Manner $manner = Manner::Soonest,
    ) {
        $span = $models = $waits = $done = $begun = [];
        foreach ($work->coats as $at => $coat) {
            $span[] = $coat->span();
            $models[] = $coat->models;
            $waits[] = array_map(static fn(Link $link): array => [$link->from, $link->lag, $link->isNextModel], $work->before[$at]);
            foreach (array_diff(range(1, $work->jobs[$coat->job]->models), $coat->models) as $model) {
                // What is left out on a model, or never was for it, is in nothing's way.
                $done[$at][$model] = $work->doneAt($coat, $model) ?? PHP_INT_MIN >> 1;
                $begun[$at] ??= $work->doneAt($coat, $model);
            }
        }
        $this->begun = array_keys(array_filter(
            $models,
            static fn(array $left, int $at): bool => $left !== [] && isset($begun[$at]) && ! $work->coats[$at]->isCarried,
            ARRAY_FILTER_USE_BOTH,
        ));
        $this->sprayHours = $work->sprayHours->shut === []
            ? []
            : array_map(
                static fn(Coat $coat): SprayHours => $work->sprayHours,
                array_filter($work->coats, static fn(Coat $coat): bool => $coat->isFromCan()),
            );
        $this->jobFrom = array_map(static fn(Coat $coat): int => $work->jobs[$coat->job]->from, $work->coats);
        [$this->span, $this->models, $this->waits, $this->done] = [$span, $models, $waits, $done];
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
        return $this->through($sequence)?->ends;
    }

    /**
     * The painter's hand at the end of a sequence.
     *
     * @param list<array{int, int}> $sequence coat and number of models
     *
     * @return Hand|null null when something would come before what it waits for
     */
    public function through(array $sequence): ?Hand
    {
        $hand = new Hand($this);
        foreach ($sequence as [$coat, $count]) {
            if (! $hand->lay($coat, $count)) {
                return null;
            }
        }

        return $hand;
    }

    /** Nothing may come between the models: it is not carried through one by one, and some session is long enough. */
    public function isInOneGo(int $coat, int $count): bool
    {
        return $this->manner === Manner::WholeCoats
            && $count > 1
            && ! $this->work->coats[$coat]->isCarried
            && $this->setUp($coat) + $count * $this->span[$coat] <= $this->longestFrom(0);
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

        return isset($this->sprayHours[$coat]) ? $this->opens($coat, $start, $this->span[$coat]) : $start;
    }

    /** The first time from here on at which the weather lets so many seconds of it be done. */
    public function opens(int $coat, int $start, int $seconds): int
    {
        return isset($this->sprayHours[$coat]) ? $this->sprayHours[$coat]->opens($start, $seconds) : $start;
    }

    /** Seconds since the epoch until which the weather holds for it. */
    public function shuts(int $coat, int $start): int
    {
        return isset($this->sprayHours[$coat]) ? $this->sprayHours[$coat]->shuts($start) : PHP_INT_MAX;
    }

    /** It was done on some models before, and is left on others. */
    public function isBegun(int $coat): bool
    {
        return in_array($coat, $this->begun, true);
    }

    /**
     * The first time from here on at which so much of a coat fits into a session. Past the last session work goes on without end, so that
     * every sequence ends; `isBeyond` tells.
     *
     * @param int $session index of the session one is in; moved on
     * @param int $setUp seconds that come before it in its session
     */
    public function place(int $coat, int $start, int $seconds, int &$session, int $setUp): int
    {
        $last = count($this->to) - 1;
        while ($session <= $last) {
            if ($start < $this->from[$session] + $setUp) {
                $start = $this->from[$session] + $setUp;
            }
            if (isset($this->sprayHours[$coat])) {
                $start = $this->sprayHours[$coat]->opens($start, $seconds);
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
     * How good a sequence is, the less the better.
     *
     * @param list<array{int, int}> $sequence
     *
     * @return list<int>|null null when it cannot be
     */
    public function cost(array $sequence): ?array
    {
        return ($this->cost ??= new Cost($this))->of($sequence);
    }

    /** An end as far as it matters when that is. */
    public function rounded(int $end): int
    {
        return $this->manner === Manner::Calm ? $this->to[$this->sessionAt($end)] ?? $end : $end;
    }

    /**
     * The session does for so few of so many models that nobody opens a pot for them, and a later one does for all.
     *
     * @param int $start seconds since the epoch
     */
    public function isHardlyWorth(int $coat, int $count, int $start, int $session): bool
    {
        if ($this->manner !== Manner::Calm || $this->work->coats[$coat]->isCarried) {
            return false;
        }
        $fits = $this->fits($coat, $start, $session);

        return $fits > 0
            && $fits < min($count, self::WORTH * $count)
            && $this->longestFrom($session + 1) >= $this->setUp($coat) + $count * $this->span[$coat];
    }

    /** Models that so much of a session does for, from a time on in seconds since the epoch. */
    public function fits(int $coat, int $start, int $session): int
    {
        return intdiv(max(0, min($this->endOf($session), $this->shuts($coat, $start)) - $start), $this->span[$coat]);
    }
}
