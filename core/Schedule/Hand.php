<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/** How far the painter's hand is along a sequence: what is laid when, and what time it is. */
final class Hand
{
    /** @var array<int, array<int, int>> when each coat is finished on each model, in seconds since the epoch; what was done before included */
    public array $ends;

    /** @var array<int, int> models done, by coat */
    public array $next;

    public int $now;

    public int $session = 0;

    /** How often a coat was left off at the end of a session and gone on with in another, though nothing else was done between. */
    public int $torn = 0;

    /** @var array<int, int> by coat, the session in which it was last laid */
    private array $lastIn = [];

    /** @var array<int, true> by kit, what was set up: it stays on a wet palette until the pass is over */
    private array $ready = [];

    public function __construct(private readonly Desk $desk)
    {
        $this->ends = $desk->done;
        $this->next = array_fill(0, count($desk->span), 0);
        $this->now = $desk->begin();
    }

    /** Seconds until what a coat takes is fetched and thinned; 0 when it lies ready. */
    public function setUp(int $coat): int
    {
        return $this->isReady($coat) ? 0 : $this->desk->setUp($coat);
    }

    public function isReady(int $coat): bool
    {
        return isset($this->ready[$this->desk->work->kits[$coat]]);
    }

    /** It lies about since an earlier session: done on some models, left on others. */
    public function isLeftOff(int $coat): bool
    {
        return $this->next[$coat] > 0 ? ($this->lastIn[$coat] ?? 0) < $this->session : $this->desk->isBegun($coat);
    }

    /** When it is laid: after it was set up, in the first session that has room for both. */
    private function place(int $coat, int $start, int $seconds): int
    {
        $at = $this->desk->place($coat, max($this->now + $this->setUp($coat), $start), $seconds, $this->session, $this->setUp($coat));
        $this->ready[$this->desk->work->kits[$coat]] = true;
        $this->lastIn[$coat] = $this->session;

        return $at;
    }

    /**
     * Lays a coat on so many models more, as early as it is dry and there is a session to do it in.
     *
     * @return bool false when something would come before what it waits for
     */
    public function lay(int $coat, int $count): bool
    {
        return $this->desk->isInOneGo($coat, $count) ? $this->inOneGo($coat, $count) : $this->oneByOne($coat, $count);
    }

    private function oneByOne(int $coat, int $count): bool
    {
        $span = $this->desk->span[$coat];
        $isCarried = $this->desk->work->coats[$coat]->isCarried;
        for ($i = 0; $i < $count; $i++) {
            $session = $this->session;
            $start = $this->desk->earliest($coat, $this->next[$coat], $this->ends);
            if ($start === null) {
                return false;
            }
            if (
                $i === 0
                && ! $this->isLeftOff($coat)
                && $this->desk->isHardlyWorth($coat, $count, max($this->now + $this->setUp($coat), $start), $this->session)
            ) {
                $this->session++;
            }
            $this->now = $this->place($coat, $start, $span) + $span;
            $this->torn += $i > 0 && $session !== $this->session && ! $isCarried ? 1 : 0;
            $this->ends[$coat][$this->desk->models[$coat][$this->next[$coat]++]] = $this->now;
        }

        return true;
    }

    private function inOneGo(int $coat, int $count): bool
    {
        $span = $this->desk->span[$coat];
        $start = 0;
        for ($i = 0; $i < $count; $i++) {
            $earliest = $this->desk->earliest($coat, $this->next[$coat] + $i, $this->ends);
            if ($earliest === null) {
                return false;
            }
            $start = max($start, $earliest - $i * $span);
        }
        $this->now = $this->place($coat, $start, $count * $span);
        for ($i = 0; $i < $count; $i++) {
            $this->now += $span;
            $this->ends[$coat][$this->desk->models[$coat][$this->next[$coat]++]] = $this->now;
        }

        return true;
    }
}
