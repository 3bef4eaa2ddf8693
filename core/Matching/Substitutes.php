<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
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

    /** Parts of medium to one part of ink that turn it into a one-coat paint. */
    private const ONE_COAT_THINNINGS = [1, 2, 3, 4];

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

    /** @return list<Substitute> best first; empty when nothing on the shelf can do the job */
    public function for(Mix $wanted): array
    {
        $leading = $this->leadingPaint($wanted);
        $colour = $wanted->colour();
        $answers = [...$this->paints($leading, $colour), ...$this->mixes($leading, $wanted), ...match ($leading->kind) {
            Kind::Wash => $this->thinned(Way::ThinnedPaint, $colour, [Kind::Opaque, Kind::SemiOpaque], self::WASH_THINNINGS),
            Kind::OneCoat => $this->thinned(Way::ThinnedInk, $colour, [Kind::Ink], self::ONE_COAT_THINNINGS),
            default => [],
        }];
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
            static fn(Paint $paint): Substitute => new Substitute(Way::Paint, Mix::single($paint), null, $paint->colour(), Difference::from($colour, $paint->colour())),
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
            static fn(MixAnswer $answer): Substitute => new Substitute(Way::Mix, $answer->mix, null, $answer->colour, $answer->difference),
            [...$answers->pairs, ...$answers->triples],
        );
    }

    /**
     * @param list<Kind> $kinds
     * @param list<int> $thinnings parts of medium to one of paint
     *
     * @return list<Substitute>
     */
    private function thinned(Way $way, Lab $colour, array $kinds, array $thinnings): array
    {
        $white = Reflectance::flat(1.0);
        $answers = [];
        foreach ($this->owned as $paint) {
            if (! in_array($paint->kind, $kinds, true)) {
                continue;
            }
            foreach ($thinnings as $medium) {
                $dilution = Dilution::of(1, $medium, Thinner::Medium);
                $seen = $paint->optics()->over($white, $dilution->strength())->toLab();
                $answers[] = new Substitute($way, Mix::single($paint), $dilution, $seen, Difference::from($colour, $seen));
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
