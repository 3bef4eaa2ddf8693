<?php

declare(strict_types=1);

namespace Kalokroma\Review;

/** What a change brings up that was not there before, so that nobody mends one thing and is surprised by the next. */
final class Aftermath
{
    /** More is not read beside a button. */
    private const TOLD = 3;

    /**
     * @param list<Finding> $before
     * @param list<Finding> $after
     *
     * @return list<Finding> what is new and more than a matter of taste, the gravest first
     */
    public static function of(array $before, array $after): array
    {
        $new = array_values(array_filter(
            self::brought($before, $after),
            static fn(Finding $one): bool => $one->severity !== Severity::Taste,
        ));
        usort($new, static fn(Finding $one, Finding $other): int => $one->severity->rank() <=> $other->severity->rank());

        return array_slice($new, 0, self::TOLD);
    }

    /**
     * @param list<Finding> $before
     * @param list<Finding> $after
     *
     * @return list<Finding> all that is new
     */
    public static function brought(array $before, array $after): array
    {
        $known = [];
        foreach ($before as $finding) {
            $known[self::key($finding)] = true;
        }

        return array_values(array_filter(
            $after,
            static fn(Finding $one): bool => ! $one->isSilenced && ! isset($known[self::key($one)]),
        ));
    }

    /**
     * Whether less is left to be said once a finding is settled so: nothing as grave as it has come in its place.
     *
     * @param list<Finding> $before
     * @param list<Finding> $after
     */
    public static function isLess(Finding $settled, array $before, array $after): bool
    {
        return self::asGrave($settled, $after) < self::asGrave($settled, $before);
    }

    /**
     * How many are as grave as what is settled, or graver.
     *
     * @param list<Finding> $findings
     */
    public static function asGrave(Finding $settled, array $findings): int
    {
        return count(array_filter(
            $findings,
            static fn(Finding $one): bool => ! $one->isSilenced && $one->severity->rank() <= $settled->severity->rank(),
        ));
    }

    private static function key(Finding $finding): string
    {
        return "$finding->rule\n$finding->area\n$finding->step";
    }
}
