<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** One recipe on several areas, of one plan or of many: what is changed on one of them is carried to the others, each keeping its own ids. */
final class SharedSteps
{
    /**
     * Steps as another area carries them out. What only makes sense where they come from, neighbours and loose parts, stays behind.
     *
     * @param list<Step> $steps
     * @param string $newId what the ids of steps begin with
     *
     * @return list<Step>
     */
    public static function copied(array $steps, string $newId): array
    {
        return self::called($steps, array_map(static fn(int $at): string => sprintf('%s-%d', $newId, $at + 1), array_keys($steps)));
    }

    /**
     * The steps of another area after a change here: those that stay keep the ids they have there.
     *
     * @param list<Step> $before as they were here
     * @param list<Step> $after as they are here now
     * @param list<Step> $there as they are there still
     *
     * @return list<Step>
     */
    public static function carried(array $before, array $after, array $there, string $newId): array
    {
        if (! self::areAlike($before, $there)) {
            return self::copied($after, $newId);
        }
        $ids = [];
        foreach ($before as $at => $step) {
            $ids[$step->id] = $there[$at]->id;
        }
        $number = 0;
        $called = [];
        foreach ($after as $step) {
            $called[] = $ids[$step->id] ?? sprintf('%s-%d', $newId, ++$number);
        }

        return self::called($after, $called);
    }

    /**
     * They paint the same, whatever they are called.
     *
     * @param list<Step> $one
     * @param list<Step> $other
     */
    public static function areAlike(array $one, array $other): bool
    {
        return self::fingerprint($one) === self::fingerprint($other);
    }

    /**
     * The same for recipes that paint the same.
     *
     * @param list<Step> $steps
     */
    public static function fingerprint(array $steps): string
    {
        return implode("\n", array_map(static fn(Step $step): string => $step->fingerprint().' '.$step->note, $steps));
    }

    /**
     * @param list<Step> $steps
     * @param list<string> $ids
     *
     * @return list<Step>
     */
    private static function called(array $steps, array $ids): array
    {
        return array_map(static fn(Step $step): Step => $step->told($step->more->lining([])->gluing(null)), Step::allCalled($steps, $ids));
    }
}
