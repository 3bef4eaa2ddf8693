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

    public function __construct(private readonly Desk $desk)
    {
        $this->ends = $desk->done;
        $this->next = array_fill(0, count($desk->span), 0);
        $this->now = $desk->begin();
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
        for ($i = 0; $i < $count; $i++) {
            $start = $this->desk->earliest($coat, $this->next[$coat], $this->ends);
            if ($start === null) {
                return false;
            }
            $this->now = $this->desk->place(max($this->now, $start), $span, $this->session) + $span;
            $this->ends[$coat][$this->desk->models[$coat][$this->next[$coat]++]] = $this->now;
        }

        return true;
    }

    private function inOneGo(int $coat, int $count): bool
    {
        $span = $this->desk->span[$coat];
        $start = $this->now;
        for ($i = 0; $i < $count; $i++) {
            $earliest = $this->desk->earliest($coat, $this->next[$coat] + $i, $this->ends);
            if ($earliest === null) {
                return false;
            }
            $start = max($start, $earliest - $i * $span);
        }
        $this->now = $this->desk->place($start, $count * $span, $this->session);
        for ($i = 0; $i < $count; $i++) {
            $this->now += $span;
            $this->ends[$coat][$this->desk->models[$coat][$this->next[$coat]++]] = $this->now;
        }

        return true;
    }
}
