<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Closure;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Plan;

/** Mends that go along with one which brings up as much as it settles: a darker ground, and one coat more for what is weak over it. */
final class GoesAlong
{
    /** More than these nobody takes for one mend. */
    public const MOST = 3;

    /** Of each new finding that many mends are tried. */
    private const TRIED = 2;

    /** In all, as each is the whole review once more. */
    private const MOST_REVIEWS = 24;

    /** Whoever begins an area has more to do to it than before, and is not told to leave it. */
    private const BEGINS = 'empty-area';

    private int $reviews = 0;

    /** @param Closure(Plan): list<Finding> $review */
    private function __construct(private readonly Closure $review) {}

    /**
     * @param list<Finding> $before what is found in the plan
     * @param Closure(Plan): list<Finding> $review of a plan
     *
     * @return list<array{finding: Finding, number: int, mend: Mend}>|null made after it one after the other, each by its number from 1; none
     *     where it leaves less by itself, null where nothing helps
     */
    public static function with(Finding $settled, Edit $edit, array $before, Plan $plan, Closure $review): ?array
    {
        if ($settled->rule === self::BEGINS) {
            return [];
        }
        $self = new self($review);
        $plan = $edit->applyTo($plan);
        $after = $review($plan);
        $along = [];
        while (! Aftermath::isLess($settled, $before, $after)) {
            $next = count($along) < self::MOST ? $self->best($settled, $before, $after, $plan) : null;
            if ($next === null) {
                return null;
            }
            [$along[], $plan, $after] = $next;
        }

        return $along;
    }

    /**
     * @param list<Finding> $before
     * @param list<Finding> $after
     *
     * @return array{array{finding: Finding, number: int, mend: Mend}, Plan, list<Finding>}|null
     */
    private function best(Finding $settled, array $before, array $after, Plan $plan): ?array
    {
        $best = null;
        $least = Aftermath::asGrave($settled, $after);
        foreach (Aftermath::brought($before, $after) as $finding) {
            foreach (array_slice($finding->mends, 0, self::TRIED) as $at => $mend) {
                if ($this->reviews++ >= self::MOST_REVIEWS) {
                    return $best;
                }
                try {
                    $then = $mend->edit->applyTo($plan);
                } catch (IllegalPlan) {
                    continue;
                }
                $found = ($this->review)($then);
                $left = Aftermath::asGrave($settled, $found);
                if ($left < $least) {
                    [$least, $best] = [$left, [['finding' => $finding, 'number' => $at + 1, 'mend' => $mend], $then, $found]];
                }
            }
        }

        return $best;
    }
}
