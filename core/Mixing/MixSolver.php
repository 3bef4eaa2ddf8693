<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Paint\Paint;

/**
 * Which paints of a shelf, alone or mixed, come nearest to a colour.
 *
 * Single paints and pairs are searched exhaustively. Triples are too on a shelf of up to EXHAUSTIVE paints; from a larger one those paints
 * are shortlisted that lie nearest, mix into the best pairs, or pull farthest into some direction, and each two of the best triple
 * are tried with every third paint.
 */
final class MixSolver
{
    /** Up to so many paints every triple is tried; more would take seconds … */
    public const EXHAUSTIVE = 40;

    /** … and then these many are. */
    private const SHORTLIST = 24;

    /** Best pairs whose paints are shortlisted, and nearest single paints. */
    private const PAIRS_KEPT = 8;

    private const NEAREST = 8;

    /** Best answers of which each two paints are tried with every third of the shelf. */
    private const IMPROVED = 1;

    /**
     * @param list<Paint> $shelf
     * @param int $ofEach how many answers of each number of paints
     */
    public static function solve(MixTarget $target, array $shelf, MixLimits $limits, int $ofEach = 8): MixAnswers
    {
        $paints = array_values(array_filter($shelf, static fn(Paint $paint): bool => $limits->allows($paint, $target->film)));
        $search = new MixSearch($target, $paints, $limits);
        $nearest = self::byNearness($target->colour, $paints);
        $singles = new BestMixes($target->colour, $ofEach);
        $search->singles($singles, $nearest);
        $pairs = new BestMixes($target->colour, max($ofEach, $limits->mostPaints > 2 ? self::PAIRS_KEPT : 0));
        if ($limits->mostPaints > 1) {
            $search->pairs($pairs, $nearest);
        }
        $triples = new BestMixes($target->colour, $ofEach);
        if ($limits->mostPaints > 2) {
            $shortlist = self::shortlist($target->colour, $search->colours(), $nearest, $pairs, self::insisted($paints, $limits));
            $search->triples($triples, $shortlist);
            if (count($shortlist) < count($paints)) {
                self::improve($search, $pairs, $triples);
            }
        }

        return new MixAnswers(
            $target,
            $paints,
            self::answers($target, $paints, $singles, $ofEach),
            self::answers($target, $paints, $pairs, $ofEach),
            self::answers($target, $paints, $triples, $ofEach),
        );
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<int>
     */
    private static function byNearness(Lab $target, array $paints): array
    {
        $differences = array_map(static fn(Paint $paint): float => Ciede2000::between($target, $paint->colour()), $paints);
        asort($differences);

        return array_keys($differences);
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<int>
     */
    private static function insisted(array $paints, MixLimits $limits): array
    {
        return array_keys(array_filter($paints, static fn(Paint $paint): bool => in_array($paint->id, $limits->insist, true)));
    }

    /**
     * @param list<array{float, float, float}> $colours
     * @param list<int> $nearest
     * @param list<int> $insisted
     *
     * @return list<int>
     */
    private static function shortlist(Lab $target, array $colours, array $nearest, BestMixes $pairs, array $insisted): array
    {
        if (count($nearest) <= self::EXHAUSTIVE) {
            return $nearest;
        }
        $list = array_fill_keys([...$insisted, ...array_slice($nearest, 0, self::NEAREST)], true);
        foreach (self::strongestPulls($target, $colours) as $i) {
            $list[$i] = true;
        }
        foreach ($pairs->all() as [, , $paints]) {
            foreach ($paints as $i) {
                $list[$i] = true;
            }
        }
        foreach ($nearest as $i) {
            $list[$i] = true;
        }

        return array_slice(array_keys($list), 0, self::SHORTLIST);
    }

    /** The two paints that make most of a good mix are likely right; the third may be any of the shelf. */
    private static function improve(MixSearch $search, BestMixes $pairs, BestMixes $triples): void
    {
        $twos = array_map(static fn(array $pair): array => $pair[2], array_slice($pairs->all(), 0, self::IMPROVED));
        foreach (array_slice($triples->all(), 0, self::IMPROVED) as [, , [$i, $j, $k]]) {
            array_push($twos, [$i, $j], [$i, $k], [$j, $k]);
        }
        foreach (array_unique($twos, SORT_REGULAR) as [$one, $other]) {
            $search->thirds($triples, $one, $other);
        }
    }

    /**
     * For each corner of the colour space the paint that pulls the target farthest toward it.
     *
     * @param list<array{float, float, float}> $colours
     *
     * @return list<int>
     */
    private static function strongestPulls(Lab $target, array $colours): array
    {
        $pulls = [];
        foreach ([[1, 0, 0], [-1, 0, 0], [0, 1, 0], [0, -1, 0], [0, 0, 1], [0, 0, -1], [0, 1, 1], [0, 1, -1], [0, -1, 1], [0, -1, -1]] as [$l, $a, $b]) {
            $reach = array_map(
                static fn(array $colour): float => $l * ($colour[0] - $target->lightness) + $a * ($colour[1] - $target->a) + $b * ($colour[2] - $target->b),
                $colours,
            );
            $pulls[] = (int) array_search(max([-INF, ...$reach]), $reach, true);
        }

        return $pulls;
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<MixAnswer>
     */
    private static function answers(MixTarget $target, array $paints, BestMixes $best, int $atMost): array
    {
        $answers = [];
        foreach (array_slice($best->all(), 0, $atMost) as [, , $places, $parts, $lab]) {
            $ingredients = array_map(static fn(int $i, int $share): Ingredient => Ingredient::of($paints[$i], $share), $places, $parts);
            usort($ingredients, static fn(Ingredient $one, Ingredient $other): int => $other->parts <=> $one->parts);
            $colour = Lab::of(...$lab);
            $answers[] = new MixAnswer(Mix::of($ingredients), $colour, Difference::from($target->colour, $colour));
        }

        return $answers;
    }
}
