<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

/**
 * Tasks with what comes before what, kept free of circles: a precedence that would close one is refused.
 *
 * Places are kept in a topological order that is mended around each new precedence (Pearce and Kelly, "A dynamic topological sort algorithm for
 * directed acyclic graphs", 2006), so that only tasks between the two are looked at.
 */
final class Precedences
{
    /** @var array<string, int> place of each task, none before what it waits for */
    private array $place = [];

    /** @var array<string, array<string, Precedence>> by the first and the later one's id */
    private array $then = [];

    /** @var array<string, array<string, Precedence>> by the later and the first one's id */
    private array $waits = [];

    /** @param array<string, Task> $tasks by id */
    public function __construct(array $tasks)
    {
        foreach (array_keys($tasks) as $place => $id) {
            $this->place[$id] = $place;
            $this->then[$id] = $this->waits[$id] = [];
        }
    }

    /** False when it would stand against what holds already. */
    public function add(Precedence $precedence): bool
    {
        [$first, $then] = [$precedence->first->id(), $precedence->then->id()];
        if ($first === $then) {
            return false;
        }
        if (isset($this->then[$first][$then])) {
            return true;
        }
        if ($this->place[$first] > $this->place[$then] && ! $this->mend($first, $then)) {
            return false;
        }
        $this->then[$first][$then] = $this->waits[$then][$first] = $precedence;

        return true;
    }

    /** @return array<string, Precedence> what a task waits for, by id of the one before */
    public function before(string $id): array
    {
        return $this->waits[$id];
    }

    /** @return array<string, Precedence> what waits for a task */
    public function after(string $id): array
    {
        return $this->then[$id];
    }

    /**
     * How one thing leads to another.
     *
     * @return list<Precedence> empty when it does not
     */
    public function path(string $from, string $to): array
    {
        $came = [$from => null];
        for ($queue = [$from]; $queue !== [];) {
            $at = array_shift($queue);
            foreach ($this->then[$at] as $id => $precedence) {
                $id = (string) $id;
                if (! array_key_exists($id, $came)) {
                    $came[$id] = $precedence;
                    $queue[] = $id;
                }
            }
        }
        $path = [];
        for ($step = $came[$to] ?? null; $step !== null; $step = $came[$step->first->id()]) {
            array_unshift($path, $step);
        }

        return $path;
    }

    private function mend(string $first, string $then): bool
    {
        $ahead = $this->within($then, $this->then, fn(string $id): bool => $this->place[$id] <= $this->place[$first]);
        if (isset($ahead[$first])) {
            return false;
        }
        $behind = $this->within($first, $this->waits, fn(string $id): bool => $this->place[$id] >= $this->place[$then]);
        $byPlace = fn(string $one, string $other): int => $this->place[$one] <=> $this->place[$other];
        $moved = [];
        foreach ([array_keys($behind), array_keys($ahead)] as $group) {
            $group = array_map(strval(...), $group);
            usort($group, $byPlace);
            array_push($moved, ...$group);
        }
        $places = array_map(fn(string $id): int => $this->place[$id], $moved);
        sort($places);
        foreach ($moved as $at => $id) {
            $this->place[$id] = $places[$at];
        }

        return true;
    }

    /**
     * @param array<string, array<string, Precedence>> $links
     * @param callable(string): bool $isNear
     *
     * @return array<string, true>
     */
    private function within(string $from, array $links, callable $isNear): array
    {
        $seen = [$from => true];
        for ($stack = [$from]; $stack !== [];) {
            foreach (array_keys($links[array_pop($stack)]) as $id) {
                $id = (string) $id;
                if (! isset($seen[$id]) && $isNear($id)) {
                    $seen[$id] = true;
                    $stack[] = $id;
                }
            }
        }

        return $seen;
    }
}
