<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixAnswer;
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

    /** Answers of each way. */
    private const OF_EACH = 2;

    /** @param list<Paint> $owned */
    private function __construct(private array $owned) {}

    /** @param list<Paint> $owned */
    public static function from(array $owned): self
    {
        return new self($owned);
    }

    /** @return list<Substitute> best first; empty when nothing on the shelf can do the job */
    public function for(Mix $wanted): array
    {
        $leading = $this->leadingPaint($wanted);
        $fitting = array_values(array_filter(
            $this->owned,
            static fn(Paint $paint): bool => Compatibility::mayReplace($leading, $paint) && ! $paint->isClear(),
        ));
        $target = $wanted->isTransparent() ? MixTarget::coatOverWhite($wanted->colour()) : MixTarget::masstone($wanted->colour());
        $answers = $this->named(Way::Paint, MixSolver::singles($target, $fitting, self::OF_EACH));
        $mixable = array_values(array_filter($fitting, static fn(Paint $paint): bool => $paint->kind->isMixable()));
        array_push($answers, ...$this->named(Way::Mix, MixSolver::pairs($target, $mixable, self::OF_EACH)));
        if ($leading->kind === Kind::Wash) {
            array_push($answers, ...$this->thinned($wanted));
        }
        usort($answers, static fn(Substitute $one, Substitute $other): int => [
            round($one->difference->number, 1), count($one->mix->ingredients), $one->mix->parts(),
        ] <=> [
            round($other->difference->number, 1), count($other->mix->ingredients), $other->mix->parts(),
        ]);

        return $answers;
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

    /**
     * @param list<MixAnswer> $answers
     *
     * @return list<Substitute>
     */
    private function named(Way $way, array $answers): array
    {
        return array_map(
            static fn(MixAnswer $answer): Substitute => new Substitute($way, $answer->mix, null, $answer->colour, $answer->difference),
            $answers,
        );
    }

    /** @return list<Substitute> */
    private function thinned(Mix $wanted): array
    {
        $white = Reflectance::flat(1.0);
        $answers = [];
        foreach ($this->owned as $paint) {
            if ($paint->kind !== Kind::Opaque && $paint->kind !== Kind::SemiOpaque) {
                continue;
            }
            foreach (self::WASH_THINNINGS as $medium) {
                $dilution = Dilution::of(1, $medium, Thinner::Medium);
                $colour = $paint->optics()->over($white, $dilution->strength())->toLab();
                $answers[] = new Substitute(Way::ThinnedPaint, Mix::single($paint), $dilution, $colour, Difference::from($wanted->colour(), $colour));
            }
        }
        usort($answers, static fn(Substitute $one, Substitute $other): int => $one->difference->number <=> $other->difference->number);

        return array_slice($answers, 0, self::OF_EACH);
    }
}
