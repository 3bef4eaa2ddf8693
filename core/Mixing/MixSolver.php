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
 * Single paints and, with thorough effort on shelves that are not very large, pairs are searched exhaustively. Triples of the most
 * promising paints are hunted through by the tangent of the best pair, which finds what lies within reach; and each two paints of the best
 * pairs and triples are tried with every promising third, which finds what lies at the edge of it, where the tangent tells little. On a
 * shelf of up to EXHAUSTIVE paints all triples that could be nearer than the best of these are tried too, if that is within reach.
 */
final class MixSolver
{
    /** Up to so many paints every triple is tried that could be better than the best found without, … */
    public const EXHAUSTIVE = 40;

    /**
     * … unless the best of them is farther off than this: then the target is out of reach, and which of all that is far counts as nearest
     * says little.
     */
    private const WITHIN = 8.0;

    /** Best answers of so many paints are told of to the searches that follow. */
    private const PAIRS_KEPT = 6;

    /**
     * @param list<Paint> $shelf
     * @param int $ofEach how many answers of each number of paints
     */
    public static function solve(MixTarget $target, array $shelf, MixLimits $limits, int $ofEach = 8, ?Effort $effort = null): MixAnswers
    {
        $effort ??= Effort::thorough();
        $allowed = array_values(array_filter($shelf, static fn(Paint $paint): bool => $limits->allows($paint, $target->film)));
        $paints = count($allowed) <= $effort->mostPaints ? $allowed : self::likeliest($target->colour, $allowed, $limits, $effort->likeliest);
        $palette = new Palette($paints, $target->film === Film::SeeThrough);
        $rules = new MixRules($palette, $limits);
        $search = new MixSearch($target, $palette, $rules);
        $nearest = self::byNearness($target->colour, $paints);
        $singles = new BestMixes($target->colour, $ofEach);
        $search->singles($singles, $nearest);
        $pairs = new BestMixes($target->colour, max($ofEach, $limits->mostPaints > 2 ? self::PAIRS_KEPT : 0));
        if ($limits->mostPaints > 1 && count($paints) > 1) {
            // What the hunt finds keeps the search of all pairs short.
            self::huntPairs($search, $target->colour, $palette, $nearest, $pairs, $effort->pairs);
            if ($effort->triesAllPairs || count($paints) <= self::EXHAUSTIVE) {
                $search->pairs($pairs, $nearest);
            }
        }
        $triples = new BestMixes($target->colour, $ofEach);
        if ($limits->mostPaints > 2 && count($paints) > 2) {
            $promising = self::byPromise($target->colour, $paints, $nearest, $pairs, $rules);
            $hunt = new TripleHunt($palette, $rules, self::tangent($target->colour, $palette, $nearest, $pairs));
            $hunt->triples($triples, array_slice($promising, 0, $effort->hunted));
            self::improve($search, $pairs, $triples, $promising, $effort);
            if (count($paints) <= self::EXHAUSTIVE && ($triples->all()[0][0] ?? INF) <= self::WITHIN) {
                self::prove($search, $target, $triples, $promising);
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
     * @return list<Paint> in the order of the shelf
     */
    private static function likeliest(Lab $target, array $paints, MixLimits $limits, int $most): array
    {
        $insisted = array_keys(array_filter($paints, static fn(Paint $paint): bool => in_array($paint->id, $limits->insist, true)));
        $places = array_slice(
            array_keys(array_fill_keys([...$insisted, ...self::strongestPulls($target, $paints), ...self::byNearness($target, $paints)], true)),
            0,
            $most,
        );
        sort($places);

        return array_map(static fn(int $place): Paint => $paints[$place], $places);
    }

    /**
     * By the tangent of the nearest paint, and then by that of the best pair found.
     *
     * @param list<int> $nearest
     */
    private static function huntPairs(MixSearch $search, Lab $target, Palette $palette, array $nearest, BestMixes $pairs, int $most): void
    {
        for ($round = 0; $round < 2; $round++) {
            $search->these($pairs, (new PairHunt(self::tangent($target, $palette, $nearest, $pairs)))->pairs($nearest, $most));
        }
    }

    /**
     * Mixing made linear at the best pair: it is near the target, and made of real paints.
     *
     * @param list<int> $nearest
     */
    private static function tangent(Lab $target, Palette $palette, array $nearest, BestMixes $pairs): MixTangent
    {
        [[$first, $second], [$parts, $more]] = isset($pairs->all()[0])
            ? [$pairs->all()[0][2], $pairs->all()[0][3]]
            : [[$nearest[0], $nearest[0]], [1, 1]];

        return new MixTangent($palette, $target, $first, $second, $parts / ($parts + $more));
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
     * @param list<int> $nearest
     *
     * @return list<int> all of them, the likeliest first
     */
    private static function byPromise(Lab $target, array $paints, array $nearest, BestMixes $pairs, MixRules $rules): array
    {
        $mixed = array_merge(...array_map(static fn(array $pair): array => $pair[2], $pairs->all()));

        return array_keys(array_fill_keys([...$rules->insisted(), ...self::strongestPulls($target, $paints), ...$mixed, ...$nearest], true));
    }

    /**
     * The two paints that make most of a good mix are likely right; the third may be another.
     *
     * @param list<int> $promising
     */
    private static function improve(MixSearch $search, BestMixes $pairs, BestMixes $triples, array $promising, Effort $effort): void
    {
        $thirds = array_slice($promising, 0, $effort->thirds);
        $done = [];
        $known = $pairs;
        for ($round = 0; $round <= $effort->rounds; $round++) {
            foreach (self::leadingTwos($known, $effort->improved) as [$one, $other]) {
                if (! isset($done["$one $other"])) {
                    $done["$one $other"] = true;
                    $search->thirds($triples, $one, $other, $thirds);
                }
            }
            $known = $triples;
        }
    }

    /**
     * Every triple that could be nearer than the best known is tried. The runners-up are those the hunt met.
     *
     * @param list<int> $promising
     */
    private static function prove(MixSearch $search, MixTarget $target, BestMixes $triples, array $promising): void
    {
        $best = new BestMixes($target->colour, 1);
        foreach (array_slice($triples->all(), 0, 1) as [, , $paints, $parts, $lab]) {
            $best->consider($lab, $paints, $parts);
        }
        $search->triples($best, $promising);
        foreach ($best->all() as [, , $paints, $parts, $lab]) {
            $triples->consider($lab, $paints, $parts);
        }
    }

    /** @return list<array{int, int}> each two of the best few sets of paints */
    private static function leadingTwos(BestMixes $best, int $sets): array
    {
        $twos = [];
        foreach (array_slice(array_values(array_unique(array_column($best->all(), 2), SORT_REGULAR)), 0, $sets) as $set) {
            foreach ($set as $at => $one) {
                foreach (array_slice($set, $at + 1) as $other) {
                    $twos[] = [$one, $other];
                }
            }
        }

        return $twos;
    }

    /**
     * For each corner of the colour space the paint that pulls the target farthest toward it.
     *
     * @param list<Paint> $paints
     *
     * @return list<int>
     */
    private static function strongestPulls(Lab $target, array $paints): array
    {
        $pulls = [];
        foreach ([
            [1, 0, 0], [-1, 0, 0], [0, 1, 0], [0, -1, 0], [0, 0, 1], [0, 0, -1], [0, 1, 1], [0, 1, -1], [0, -1, 1], [0, -1, -1],
        ] as [$l, $a, $b]) {
            $reach = array_map(
                static fn(Paint $paint): float => $l * (
                    $paint->colour()->lightness - $target->lightness
                ) + $a * ($paint->colour()->a - $target->a) + $b * ($paint->colour()->b - $target->b),
                $paints,
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
