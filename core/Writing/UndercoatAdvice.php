<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\SprayCone;

/**
 * Which undercoat suits a plan: plain ones, dark ones with light from above, and such with a colour from below, out of the primers that are
 * to be had.
 */
final class UndercoatAdvice
{
    public const MOST = 6;

    /** Lightness up to which a primer is a dark to spray light on, and from which it is a light. */
    private const DARK = 38.0;

    private const LIGHT = 66.0;

    /** Chroma from which a primer is a colour, and how many with one from below are tried. */
    private const COLOURED = 14.0;

    private const MOST_TINTED = 6;

    /** Share of thin paint from which they are tried. */
    private const THIN = 0.3;

    /** Pairs that are tried. */
    private const MOST_PAIRS = 12;

    /**
     * @param list<Paint> $owned
     * @param list<Paint> $forSale
     * @param string|null $part a loose part that is asked for by itself; null: all that stands on the plan's own ground
     *
     * @return list<UndercoatCandidate> best first; none without a primer
     */
    public static function for(Plan $plan, array $owned, array $forSale = [], ?string $part = null): array
    {
        $plan = $plan->standingOn($part);
        $primers = array_values(array_filter(
            [...$owned, ...$forSale],
            static fn(Paint $one): bool => $one->kind === Kind::Primer && ! $one->isClear() && $one->finish !== Finish::Gloss,
        ));
        $missing = array_fill_keys(array_column($forSale, 'id'), true);
        $scheme = Scheme::of($plan);
        $meant = MeantLooks::of($plan);
        $found = [];
        foreach (self::undercoats($primers, $scheme) as $undercoat) {
            $found[] = UndercoatCandidate::judged(
                $undercoat,
                $plan,
                $scheme,
                count(array_filter($undercoat->paints(), static fn(Paint $one): bool => isset($missing[$one->id]))),
                $meant,
            );
        }
        usort(
            $found,
            static fn(UndercoatCandidate $one, UndercoatCandidate $other): int => [$other->score, $one->minutes] <=> [$one->score, $other->minutes],
        );

        $present = UndercoatCandidate::valueRange($plan->undercoat, $plan);

        return array_map(
            static fn(UndercoatCandidate $one): UndercoatCandidate => $one->against($present, $plan),
            array_slice(self::different($found), 0, self::MOST),
        );
    }

    /**
     * Those that one could take for a better one are left out, and of those with a colour from below all but the best.
     *
     * @param list<UndercoatCandidate> $found best first
     *
     * @return list<UndercoatCandidate>
     */
    private static function different(array $found): array
    {
        $kept = [];
        foreach ($found as $candidate) {
            $isOneTooMany = array_any(
                $kept,
                static fn(UndercoatCandidate $one): bool => $one->isTwinOf($candidate)
                    || ($one->undercoat->below !== null && $candidate->undercoat->below !== null),
            );
            if (! $isOneTooMany) {
                $kept[] = $candidate;
            }
        }

        return $kept;
    }

    /** The one the plan has, judged like the others. */
    public static function present(Plan $plan, ?string $part = null): UndercoatCandidate
    {
        $plan = $plan->standingOn($part);

        return UndercoatCandidate::judged($plan->undercoat, $plan, Scheme::of($plan), 0);
    }

    /**
     * @param list<Paint> $primers
     *
     * @return iterable<Undercoat>
     */
    private static function undercoats(array $primers, Scheme $scheme): iterable
    {
        foreach ($primers as $primer) {
            yield Undercoat::plain($primer);
        }
        $pairs = $tinted = 0;
        foreach ($primers as $dark) {
            foreach ($primers as $light) {
                if ($dark->colour()->lightness <= self::DARK && $light->colour()->lightness >= self::LIGHT && $pairs++ < self::MOST_PAIRS) {
                    yield Undercoat::zenithal($dark, $light, SprayCone::ofHalfAngle(SprayCone::USUAL_DEGREES));
                    // A colour from below is for thin paint: nothing else shows it.
                    foreach ($scheme->transparent >= self::THIN ? $primers : [] as $below) {
                        if (
                            $below !== $dark
                            && $below->colour()->toLch()->chroma >= self::COLOURED
                            && $below->colour()->lightness < self::LIGHT
                            && $tinted++ < self::MOST_TINTED
                        ) {
                            yield Undercoat::of($dark, $light, null, $below);
                        }
                    }
                }
            }
        }
    }
}
