<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixAnswer;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Mixing\MixSolver;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/**
 * What do I have that does this job? Answers for one paint or mix, from one shelf.
 */
final readonly class Substitutes
{
    /** Parts of medium to one part of paint that turn it into a wash (craft: 3 : 1 to 5 : 1, and thinner for pale colours). */
    private const WASH_THINNINGS = [4, 5, 6, 8, 10];

    /** How one thins transparents: parts of paint to parts of medium. */
    private const THINNINGS = [[1, 0], [3, 1], [2, 1], [3, 2], [1, 1], [2, 3], [1, 2], [1, 3], [1, 4], [1, 6], [1, 9]];

    /** Strengths that differ by less are one. */
    private const AS_STRONG = 0.05;

    /** Answers of each way. */
    private const OF_EACH = 2;

    /** @param list<Paint> $owned */
    private function __construct(
        private array $owned,
        private int $mostPaints,
    ) {}

    /**
     * @param list<Paint> $owned
     * @param int $mostPaints in a mix
     */
    public static function from(array $owned, int $mostPaints = 2): self
    {
        return new self($owned, $mostPaints);
    }

    /**
     * @param float $planned share of paint in what the brush is to carry, 0…1: what is to be thinned may be thinned less
     *
     * @return list<Substitute> best first; empty when nothing on the shelf can do the job
     */
    public function for(Mix $wanted, float $planned = 1.0): array
    {
        $leading = $this->leadingPaint($wanted);
        $colour = $wanted->colour();
        $answers = [...$this->paints($leading, $colour), ...$this->restrengthened($leading, $colour, $planned), ...$this->mixes($leading, $wanted), ...$this->madeOfPaint($leading, $colour)];
        usort($answers, static fn(Substitute $one, Substitute $other): int => [
            round($one->difference->number, 1), count($one->mix->ingredients), $one->mix->parts(),
        ] <=> [
            round($other->difference->number, 1), count($other->mix->ingredients), $other->mix->parts(),
        ]);

        return $answers;
    }

    /** @return list<Paint> owned clear paints of the same function and finish: mediums, varnishes, fluids */
    public function ofSameFunction(Paint $wanted): array
    {
        return array_values(array_filter($this->owned, static fn(Paint $paint): bool => $paint->isClear() && Compatibility::mayReplace($wanted, $paint)));
    }

    /** The paint with most parts decides what kind of paint is wanted; of equals, the first. */
    private function leadingPaint(Mix $wanted): Paint
    {
        $leading = $wanted->ingredients[0];
        foreach ($wanted->ingredients as $ingredient) {
            if ($ingredient->parts > $leading->parts) {
                $leading = $ingredient;
            }
        }

        return $leading->paint;
    }

    /** @return list<Substitute> */
    private function paints(Paint $leading, Lab $colour): array
    {
        $fitting = array_filter($this->owned, static fn(Paint $paint): bool => ! $paint->isClear() && Compatibility::mayReplace($leading, $paint));

        return self::nearest(array_map(
            static fn(Paint $paint): Substitute => new Substitute(Way::Paint, Mix::single($paint), 1.0, $paint->colour(), Difference::from($colour, $paint->colour())),
            array_values($fitting),
        ));
    }

    /** @return list<Substitute> */
    private function mixes(Paint $leading, Mix $wanted): array
    {
        if (! $leading->kind->isMixable() || $this->mostPaints < 2) {
            return [];
        }
        $film = match (true) {
            $leading->kind === Kind::Metallic => Film::Metal,
            $wanted->isTransparent() => Film::SeeThrough,
            default => Film::Covering,
        };
        $kinds = array_values(array_filter(Compatibility::kindsFor($leading->kind), $film->takes(...)));
        $answers = MixSolver::solve(MixTarget::of($wanted->colour(), $film), $this->owned, MixLimits::none()->paints($this->mostPaints)->kinds($kinds), self::OF_EACH);

        return array_map(
            static fn(MixAnswer $answer): Substitute => new Substitute(Way::Mix, $answer->mix, 1.0, $answer->colour, $answer->difference),
            [...$answers->pairs, ...$answers->triples],
        );
    }

    /**
     * A transparent of nearly the same hue, thinned more or less than the wanted one was to be.
     *
     * @return list<Substitute>
     */
    private function restrengthened(Paint $leading, Lab $colour, float $planned): array
    {
        if (! $leading->kind->isTransparent()) {
            return [];
        }
        $white = Reflectance::flat(1.0);
        $answers = [];
        foreach ($this->owned as $paint) {
            if ($paint->id === $leading->id || $paint->isClear() || ! Compatibility::mayReplace($leading, $paint)) {
                continue;
            }
            foreach (self::THINNINGS as [$parts, $medium]) {
                $strength = $parts / ($parts + $medium) / $planned;
                if (abs($strength - 1.0) > self::AS_STRONG) {
                    $seen = $paint->optics()->over($white, $strength)->toLab();
                    $answers[] = new Substitute($strength < 1.0 ? Way::Weaker : Way::Stronger, Mix::single($paint), $strength, $seen, Difference::from($colour, $seen));
                }
            }
        }

        return self::nearest($answers);
    }

    /**
     * A wash made of a covering paint and much medium.
     *
     * @return list<Substitute>
     */
    private function madeOfPaint(Paint $leading, Lab $colour): array
    {
        if ($leading->kind !== Kind::Wash) {
            return [];
        }
        $white = Reflectance::flat(1.0);
        $answers = [];
        foreach ($this->owned as $paint) {
            if (! in_array($paint->kind, [Kind::Opaque, Kind::SemiOpaque], true)) {
                continue;
            }
            foreach (self::WASH_THINNINGS as $medium) {
                $strength = 1 / (1 + $medium);
                $seen = $paint->optics()->over($white, $strength)->toLab();
                $answers[] = new Substitute(Way::ThinnedPaint, Mix::single($paint), $strength, $seen, Difference::from($colour, $seen));
            }
        }

        return self::nearest($answers);
    }

    /**
     * @param list<Substitute> $answers
     *
     * @return list<Substitute>
     */
    private static function nearest(array $answers): array
    {
        usort($answers, static fn(Substitute $one, Substitute $other): int => $one->difference->number <=> $other->difference->number);

        return array_slice($answers, 0, self::OF_EACH);
    }
}
