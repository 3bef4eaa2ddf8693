<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Mixing\Effort;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixAnswer;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Mixing\MixSolver;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Paint\Paint;

/**
 * Mixes that come near a tone, from three sources: the solver's singles and pairs, the tone's own hue with off-whites and darks, and what is on the
 * palette with more white in it.
 */
final class NearMixes
{
    /** Nobody counts more parts for a highlight. */
    private const MOST_PARTS = 5;

    private const OF_EACH = 14;

    /** Parts of two paints that are tried. */
    private const RATIOS = [[1, 1], [2, 1], [3, 1], [4, 1], [3, 2], [1, 2], [1, 3], [1, 4], [2, 3]];

    /** Paints of a tone's own hue, off-whites and darks that are tried with each other, whatever comes nearer. */
    private const HOMELY = [3, 4, 2];

    /** Parts where a drop of one is enough. */
    private const UNEVEN = [[5, 1], [6, 1], [8, 1], [1, 5], [1, 6], [1, 8]];

    /** @var array<string, list<MixAnswer>> by what was asked */
    private array $known = [];

    /** @var array<string, list<Paint>> by film */
    private array $making = [];

    /** @param list<Paint> $owned */
    public function __construct(private readonly array $owned) {}

    /** @return list<MixAnswer> nearest first */
    public function to(Wanted $wanted): array
    {
        $answers = [...$this->answers($wanted), ...$this->mothers($wanted)];
        usort($answers, static fn(MixAnswer $one, MixAnswer $other): int => $one->difference->number <=> $other->difference->number);

        return $answers;
    }

    /**
     * The same out of pots that are open already, nothing else.
     *
     * @param list<Paint> $pots
     *
     * @return list<MixAnswer> nearest first
     */
    public static function of(Wanted $wanted, array $pots): array
    {
        return MixSolver::solve(
            MixTarget::of($wanted->colour, $wanted->film),
            $pots,
            MixLimits::none()->parts(self::MOST_PARTS),
            self::OF_EACH,
            Effort::quick(),
        )->ranked();
    }

    /** @return list<Paint> owned ones that make such a film */
    public function paints(Film $film): array
    {
        return $this->making[$film->value] ??= array_values(array_filter(
            $this->owned,
            static fn(Paint $one): bool => ! $one->isClear() && in_array($one->kind, $film->usualKinds(), true),
        ));
    }

    /** @return list<MixAnswer> */
    private function answers(Wanted $wanted): array
    {
        $tone = $wanted->colour;
        $key = sprintf('%s %.2f %.2f %.2f', $wanted->film->value, $tone->lightness, $tone->a, $tone->b);
        if (! isset($this->known[$key])) {
            $limits = MixLimits::none()->parts(self::MOST_PARTS);
            $target = MixTarget::of($tone, $wanted->film);
            $near = [
                ...MixSolver::solve($target, $this->owned, $limits->paints(2), self::OF_EACH, Effort::quick())->ranked(),
                ...$this->homely($wanted, self::RATIOS),
            ];
            // Only where nothing else does are so many parts counted, and a third paint is tried.
            $near = self::isReached($near) ? $near : [...$near, ...$this->homely($wanted, self::UNEVEN)];
            $this->known[$key] = self::isReached($near) || $near === []
                ? $near
                : [...MixSolver::solve($target, $this->owned, $limits, self::OF_EACH, Effort::quick())->triples, ...$near];
        }

        return $this->known[$key];
    }

    /**
     * A paint of the tone's own hue with an off-white or a dark: what is done first at any desk.
     *
     * @param list<array{int, int}> $ratios
     *
     * @return list<MixAnswer>
     */
    private function homely(Wanted $wanted, array $ratios): array
    {
        $tone = $wanted->colour;
        $paints = $this->paints($wanted->film);
        $nearest = static fn(callable $which, int $most): array => self::nearestTo($tone, array_filter($paints, $which), $most);
        $found = [];
        foreach ($nearest(static fn(Paint $one): bool => Sense::isKin($tone, $one->colour()), self::HOMELY[0]) as $kin) {
            foreach ([...$nearest(Sense::lightens(...), self::HOMELY[1]), ...$nearest(Sense::darkens(...), self::HOMELY[2])] as $other) {
                foreach ($other->id === $kin->id ? [] : $ratios as [$parts, $others]) {
                    $mix = Mix::of([Ingredient::of($kin, $parts), Ingredient::of($other, $others)]);
                    $found[] = new MixAnswer($mix, $mix->colour(), Difference::from($tone, $mix->colour()));
                }
            }
        }

        return $found;
    }

    /** @param list<MixAnswer> $answers */
    private static function isReached(array $answers): bool
    {
        return array_any($answers, static fn(MixAnswer $answer): bool => $answer->difference->number <= PaintBox::REACH);
    }

    /**
     * The mix that is on the palette, with more of an off-white in it.
     *
     * @return list<MixAnswer>
     */
    private function mothers(Wanted $wanted): array
    {
        $mother = $wanted->from;
        if ($mother === null || $mother->film() !== $wanted->film) {
            return [];
        }
        $found = [];
        foreach (self::nearestTo($wanted->colour, array_filter($this->paints($wanted->film), Sense::lightens(...)), self::HOMELY[1]) as $white) {
            for ($parts = 1; $mother->parts() + $parts <= Mix::MOST_PARTS; $parts++) {
                $ingredients = $mother->holds($white->id)
                    ? array_map(
                        static fn(Ingredient $one): Ingredient => $one->paint->id === $white->id ? Ingredient::of(
                            $white,
                            $one->parts + $parts,
                        ) : $one,
                        $mother->ingredients,
                    )
                    : [...$mother->ingredients, Ingredient::of($white, $parts)];
                if (count($ingredients) > MixLimits::MOST_PAINTS) {
                    break;
                }
                $mix = Mix::of($ingredients);
                $found[] = new MixAnswer($mix, $mix->colour(), Difference::from($wanted->colour, $mix->colour()));
            }
        }

        return $found;
    }

    /**
     * @param array<Paint> $paints
     *
     * @return list<Paint>
     */
    private static function nearestTo(Lab $tone, array $paints, int $most): array
    {
        $paints = array_values($paints);
        $off = array_map(static fn(Paint $one): float => Ciede2000::between($tone, $one->colour()), $paints);
        array_multisort($off, $paints);

        return array_slice($paints, 0, $most);
    }
}
