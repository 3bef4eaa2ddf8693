<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Paint;

/**
 * What a mix that was really made and measured tells of the strength of one of its two paints: how much of it in the pot is pigment, and so
 * how well it hides.
 */
final readonly class MeasuredMix
{
    /** No paint is so many times stronger or weaker than was thought. */
    private const MOST_TIMES = 8.0;

    /** Steps of the search by golden section, each of which narrows the range by 0.618. */
    private const STEPS = 40;

    private function __construct(
        /** The one of which less was known. */
        public Paint $paint,
        public Opacity $opacity,
        /** ΔE₀₀ of the measured mix to the mix as it was thought to look, … */
        public float $before,
        /** … and as it looks with the corrected strength. */
        public float $after,
    ) {}

    /**
     * @param Lab $seen the masstone of the mix as measured
     *
     * @throws IllegalMix when it is not a mix of two paints that cover
     */
    public static function of(Mix $mix, Lab $seen): self
    {
        if (count($mix->ingredients) !== 2 || $mix->isTransparent()) {
            throw IllegalMix::notMeasurable();
        }
        [$known, $unknown] = self::byKnowledge($mix);
        $difference = static fn(float $times): float => Ciede2000::between($seen, Optics::mixed([
            [$known->paint->optics(), $known->parts],
            [$unknown->paint->optics()->times($times), $unknown->parts],
        ])->masstone()->toLab());
        $times = exp(self::least(static fn(float $exponent): float => $difference(exp($exponent)), -log(self::MOST_TIMES), log(self::MOST_TIMES)));

        return new self(
            $unknown->paint,
            Opacity::of(min(1.0, $unknown->paint->optics()->times($times)->contrast())),
            $difference(1.0),
            $difference($times),
        );
    }

    /**
     * @return array{Ingredient, Ingredient} what is better known first: drawn down before set by hand before estimated; of equals that with
     *     more parts
     */
    private static function byKnowledge(Mix $mix): array
    {
        $knowledge = static fn(Ingredient $one): array => [$one->paint->measured->film !== null, ! $one->paint->opacity()->isEstimate, $one->parts];
        $both = $mix->ingredients;
        usort($both, static fn(Ingredient $one, Ingredient $other): int => $knowledge($other) <=> $knowledge($one));

        return [$both[0], $both[1]];
    }

    /** @param callable(float): float $function with one valley */
    private static function least(callable $function, float $low, float $high): float
    {
        $golden = (sqrt(5) - 1) / 2;
        [$left, $right] = [$high - $golden * ($high - $low), $low + $golden * ($high - $low)];
        [$atLeft, $atRight] = [$function($left), $function($right)];
        for ($step = 0; $step < self::STEPS; $step++) {
            if ($atLeft < $atRight) {
                [$high, $right, $atRight] = [$right, $left, $atLeft];
                $left = $high - $golden * ($high - $low);
                $atLeft = $function($left);
            } else {
                [$low, $left, $atLeft] = [$left, $right, $atRight];
                $right = $low + $golden * ($high - $low);
                $atRight = $function($right);
            }
        }

        return ($low + $high) / 2;
    }
}
