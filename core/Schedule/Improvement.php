<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Tries small changes of a sequence and keeps those that are no worse: a turn taken earlier or later, torn in two, or put back together. */
final class Improvement
{
    /** The same question gets the same answer. */
    private const SEED = 11;

    /** Coats on single models laid, in all tries. */
    private const MOST_LAID = 400_000;

    private const MOST_TRIES = 12000;

    /** Fewer hit upon nothing: of much work there is no time for more. */
    private const LEAST_TRIES = 100;

    /** After so many tries that made nothing better there is little to hope for. */
    private const MOST_IN_VAIN = 2500;

    private Randomizer $dice;

    private function __construct(private readonly Desk $desk)
    {
        $this->dice = new Randomizer(new Mt19937(self::SEED));
    }

    /**
     * @param list<array{int, int}> $sequence that can be
     *
     * @return list<array{int, int}>
     */
    public static function of(Desk $desk, array $sequence): array
    {
        return (new self($desk))->improve($sequence);
    }

    /**
     * @param list<array{int, int}> $sequence
     *
     * @return list<array{int, int}>
     */
    private function improve(array $sequence): array
    {
        $cost = $this->desk->cost($sequence) ?? [PHP_INT_MAX];
        $tasks = max(1, array_sum(array_column($sequence, 1)));
        $tries = min(self::MOST_TRIES, intdiv(self::MOST_LAID, $tasks));
        if ($tries < self::LEAST_TRIES) {
            return $sequence;
        }
        $inVain = 0;
        for ($try = 0; $try < $tries && $inVain < self::MOST_IN_VAIN && count($sequence) > 1; $try++) {
            $other = $this->changed($sequence);
            $new = $this->desk->cost($other);
            $inVain = $new !== null && $new < $cost ? 0 : $inVain + 1;
            if ($new !== null && $new <= $cost) {
                [$sequence, $cost] = [$other, $new];
            }
        }

        return $sequence;
    }

    /**
     * @param non-empty-list<array{int, int}> $sequence
     *
     * @return list<array{int, int}>
     */
    private function changed(array $sequence): array
    {
        $last = count($sequence) - 1;
        $at = $this->dice->getInt(0, $last);
        $others = array_keys(array_filter($sequence, static fn(array $turn): bool => $turn[0] === $sequence[$at][0]));
        if (count($others) > 1 && $this->dice->getInt(0, 1) === 0) {
            return $this->together($sequence, $at, $others[$this->dice->getInt(0, count($others) - 1)]);
        }
        [$coat, $count] = $sequence[$at];
        $moved = $count > 1 && ! $this->desk->isInOneGo($coat, $count) && $this->dice->getInt(0, 3) === 0
            ? $this->dice->getInt(1, $count - 1)
            : $count;
        $sequence[$at] = [$coat, $count - $moved];
        $to = $this->dice->getInt(max(0, $at - 12), min($last, $at + 12));
        array_splice($sequence, $to >= $at ? $to + 1 : $to, 0, [[$coat, $moved]]);

        return self::joined($sequence);
    }

    /**
     * @param list<array{int, int}> $sequence
     *
     * @return list<array{int, int}> what was torn in two put together again, at the place of the one or the other
     */
    private function together(array $sequence, int $at, int $with): array
    {
        if ($at !== $with) {
            [[$coat, $count], [, $more]] = [$sequence[$with], $sequence[$at]];
            $sequence[$with] = [$coat, $count + $more];
            $sequence[$at] = [$coat, 0];
        }

        return self::joined($sequence);
    }

    /**
     * @param list<array{int, int}> $sequence
     *
     * @return list<array{int, int}> what follows itself as one turn
     */
    public static function joined(array $sequence): array
    {
        $joined = [];
        foreach ($sequence as [$coat, $count]) {
            $last = count($joined) - 1;
            if ($count === 0) {
                continue;
            }
            if ($last >= 0 && $joined[$last][0] === $coat) {
                $joined[$last][1] += $count;
            } else {
                $joined[] = [$coat, $count];
            }
        }

        return $joined;
    }
}
