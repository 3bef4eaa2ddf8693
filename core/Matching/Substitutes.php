<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Mixing\Effort;
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
final class Substitutes
{
    /** Parts of medium to one part of paint that turn it into a wash (craft: 3 : 1 to 5 : 1, and thinner for pale colours). */
    private const WASH_THINNINGS = [4, 5, 6, 8, 10];

    /** How one thins transparents: parts of paint to parts of medium. */
    private const THINNINGS = [[1, 0], [3, 1], [2, 1], [3, 2], [1, 1], [2, 3], [1, 2], [1, 3], [1, 4], [1, 6], [1, 9]];

    /** Strengths that differ by less are one. */
    private const AS_STRONG = 0.05;

    /** Answers of each way. */
    private const OF_EACH = 2;

    /**
     * @var array<string, list<array{Paint, float, Lab}>> kind of coats => paint, strength, colour of a coat over white: worked out once for
     *     all that is wanted
     */
    private array $coats = [];

    /**
     * @param list<Paint> $owned
     */
    private function __construct(
        public readonly array $owned,
        private readonly Effort $effort,
    ) {}

    /**
     * For one thing wanted.
     *
     * @param list<Paint> $owned
     */
    public static function from(array $owned): self
    {
        return new self($owned, Effort::thorough());
    }

    /**
     * For a list of things wanted, where each must not take long.
     *
     * @param list<Paint> $owned
     */
    public static function forMany(array $owned): self
    {
        return new self($owned, Effort::quick());
    }

    public function owns(Paint $paint): bool
    {
        return array_any($this->owned, static fn(Paint $one): bool => $one->id === $paint->id);
    }

    /**
     * @param float $planned share of paint in what the brush is to carry, 0…1: what is to be thinned may be thinned less
     * @param int $mostPaints in a mix
     *
     * @return list<Substitute> best first; empty when nothing on the shelf can do the job
     */
    public function for(Mix $wanted, float $planned = 1.0, int $mostPaints = 2): array
    {
        $leading = $this->leadingPaint($wanted);
        $colour = $wanted->colour();
        $answers = [
            ...$this->paints($leading, $colour),
            ...$this->restrengthened($leading, $colour, $planned),
            ...$this->mixes($leading, $wanted, $mostPaints),
            ...$this->madeOfPaint($leading, $colour),
        ];
        usort($answers, static fn(Substitute $one, Substitute $other): int => [
            round($one->difference->number, 1), count($one->mix->ingredients), $one->mix->parts(),
        ] <=> [
            round($other->difference->number, 1), count($other->mix->ingredients), $other->mix->parts(),
        ]);

        return $answers;
    }

    /** What does the job of a fluid without colour; null when nothing does. */
    public function forClear(Paint $wanted): ?ClearStandIn
    {
        return ClearStandIn::for($wanted, $this->owned);
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

        return self::nearest(
            $colour,
            array_map(static fn(Paint $paint): array => [$paint, 1.0, $paint->colour()], array_values($fitting)),
            static fn(): Way => Way::Paint,
        );
    }

    /** @return list<Substitute> */
    private function mixes(Paint $leading, Mix $wanted, int $mostPaints): array
    {
        if (! $leading->kind->isMixable() || $mostPaints < 2) {
            return [];
        }
        $film = match (true) {
            $leading->kind === Kind::Metallic => Film::Metal,
            $wanted->isTransparent() => Film::SeeThrough,
            default => Film::Covering,
        };
        $kinds = array_values(array_filter(Compatibility::kindsFor($leading->kind), $film->takes(...)));
        $answers = MixSolver::solve(
            MixTarget::of($wanted->colour(), $film),
            $this->owned,
            MixLimits::none()->paints($mostPaints)->kinds($kinds),
            self::OF_EACH,
            $this->effort,
        );

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
        $offered = array_filter(
            $this->thinned(
                "transparents $planned",
                static fn(Paint $paint): bool => $paint->kind->isTransparent(),
                array_map(static fn(array $one): float => $one[0] / ($one[0] + $one[1]) / $planned, self::THINNINGS),
            ),
            static fn(array $coat): bool => $coat[0]->id !== $leading->id && Compatibility::mayReplace($leading, $coat[0])
                && abs($coat[1] - 1.0) > self::AS_STRONG,
        );

        return self::nearest($colour, $offered, static fn(float $strength): Way => $strength < 1.0 ? Way::Weaker : Way::Stronger);
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
        $coats = $this->thinned(
            'paints',
            static fn(Paint $paint): bool => in_array($paint->kind, [Kind::Opaque, Kind::SemiOpaque], true),
            array_map(static fn(int $medium): float => 1 / (1 + $medium), self::WASH_THINNINGS),
        );

        return self::nearest($colour, $coats, static fn(): Way => Way::ThinnedPaint);
    }

    /**
     * @param callable(Paint): bool $isMeant
     * @param list<float> $strengths
     *
     * @return list<array{Paint, float, Lab}>
     */
    private function thinned(string $name, callable $isMeant, array $strengths): array
    {
        if (! isset($this->coats[$name])) {
            $this->coats[$name] = [];
            foreach (array_filter($this->owned, $isMeant) as $paint) {
                foreach ($strengths as $strength) {
                    $this->coats[$name][] = [$paint, $strength, self::coat($paint, $strength)];
                }
            }
        }

        return $this->coats[$name];
    }

    private static function coat(Paint $paint, float $strength): Lab
    {
        return $paint->optics()->over(Reflectance::flat(1.0), $strength)->toLab();
    }

    /**
     * @param array<int, array{Paint, float, Lab}> $coats paint, strength, colour
     * @param callable(float): Way $way
     *
     * @return list<Substitute>
     */
    private static function nearest(Lab $colour, array $coats, callable $way): array
    {
        $differences = array_map(static fn(array $coat): float => Ciede2000::between($colour, $coat[2]), $coats);
        asort($differences);

        return array_map(static function (int $at) use ($colour, $coats, $way): Substitute {
            [$paint, $strength, $seen] = $coats[$at];

            return new Substitute($way($strength), Mix::single($paint), $strength, $seen, Difference::from($colour, $seen));
        }, array_slice(array_keys($differences), 0, self::OF_EACH));
    }
}
