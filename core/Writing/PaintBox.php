<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Closure;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Difference;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Effort;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixAnswer;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Mixing\MixSolver;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/** The paints a recipe is written from: those owned first, those for sale where none of them will do. Few pots are better than many. */
final class PaintBox
{
    /** ΔE₀₀ within which a tone counts as reached. */
    public const REACH = 6.0;

    /** So much nearer a paint must come that is bought. */
    private const WORTH_BUYING = 2.0;

    /** Nobody counts more parts for a highlight. */
    private const MOST_PARTS = 5;

    private const OF_EACH = 14;

    /** Paints of a tone's own hue, off-whites and darks that are tried with each other, whatever comes nearer. */
    private const HOMELY = [3, 4, 2];

    /** Opacity and ΔE₀₀ of a paint that may lie under a weak one, and how many are tried. */
    private const HIDING = 0.58;

    private const UNDERTONE = 34.0;

    /** Lightness from which a tone is a step up from a dark ground. */
    private const GROUNDING = 40.0;

    /** Parts where a drop of one is enough. */
    private const UNEVEN = [[5, 1], [6, 1], [8, 1], [1, 5], [1, 6], [1, 8]];

    /** A white or pale grey may lie under any bright tone, a yellow above all. */
    private const BRIGHT = 55.0;

    /** Chroma from which a tone is a colour rather than a grey. */
    private const COLOURED = 18.0;

    private const UNDERTONES = 8;

    /** Parts of wash to medium that are tried. */
    private const WASHES = [[1, 0], [2, 1], [1, 1], [1, 2], [1, 3]];

    /** Parts of a self-shading paint to medium that are tried. */
    private const TINTS = [[1, 0], [2, 1], [1, 1], [1, 2]];

    /** Opacity from which a transparent veils: white ink is no base. */
    private const VEILS = 0.15;

    /** Of a fluid wash so much of a standard coat stays in a recess. */
    private const POOLED = 2.0;

    /** @var array<string, list<MixAnswer>> by what was asked */
    private array $known = [];

    /** @var list<Paint>|null */
    private ?array $forSale = null;

    /** @var array<string, list<Paint>> by film */
    private array $making = [];

    /**
     * @param list<Paint> $owned
     * @param (Closure(): list<Paint>)|null $market what is not owned and may be bought: asked when nothing owned will do
     */
    public function __construct(
        private readonly array $owned,
        private readonly ?Closure $market = null,
    ) {}

    /**
     * @param array<string, true> $open ids of the pots that are open already
     *
     * @return Pick|null null when there is nothing of such paint at all that would do, here or for sale
     */
    public function nearest(Wanted $wanted, Taste $taste, array $open = []): ?Pick
    {
        $owned = $this->walkedOn($wanted, $taste, $open) ?? $this->options($wanted, $taste, $open)[0] ?? null;
        if ($owned !== null && $owned->isReached()) {
            return $owned;
        }
        return self::nearer($owned, $this->bought($wanted));
    }

    /**
     * What comes about as near as can be and is what painters do: those that need the fewest pots first, then pots of the colour's own family.
     *
     * @param array<string, true> $open ids of the pots that are open already
     *
     * @return list<Pick> of owned paints
     */
    public function options(Wanted $wanted, Taste $taste, array $open = []): array
    {
        $sense = Sense::of($wanted->colour, $this->covering($wanted->film));
        $answers = self::byDifference([...$this->answers($wanted), ...$this->mothers($wanted)]);
        $off = [];
        $least = INF;
        foreach ($answers as $at => $answer) {
            if ($answer->difference->number > $least + $taste->worthAPot()) {
                break;
            }
            if ($wanted->allows($answer->colour) && ! $sense->isNever($answer->mix, $answer->colour)) {
                $off[$at] = $answer->difference->number + $sense->oddness($answer->mix);
                $least = min($least, $off[$at]);
            }
        }
        $near = array_keys(array_filter($off, static fn(float $one): bool => $one <= $least + $taste->worthAPot()));
        $cost = static fn(int $at): array => [
            count(array_filter($answers[$at]->mix->ingredients, static fn(Ingredient $part): bool => ! isset($open[$part->paint->id]))) + 0.5 * count($answers[$at]->mix->ingredients),
            $sense->strangeness($answers[$at]->mix),
            round($off[$at], 1),
            $answers[$at]->mix->parts(),
        ];
        usort($near, static fn(int $one, int $other): int => $cost($one) <=> $cost($other));

        return array_map(static fn(int $at): Pick => new Pick($answers[$at]->mix, $answers[$at]->difference->number), $near);
    }

    /**
     * What is open already, mixed on: for whoever wants few pots, as long as the tone is reached.
     *
     * @param array<string, true> $open ids of the pots that are open already
     */
    private function walkedOn(Wanted $wanted, Taste $taste, array $open): ?Pick
    {
        $pots = array_values(array_filter($this->owned, static fn(Paint $paint): bool => isset($open[$paint->id])));
        if (! $taste->has(Wish::FewestPots) || $pots === []) {
            return null;
        }
        foreach (MixSolver::solve(MixTarget::of($wanted->colour, $wanted->film), $pots, MixLimits::none()->parts(self::MOST_PARTS), self::OF_EACH, Effort::quick())->ranked() as $answer) {
            if ($answer->difference->number <= self::REACH && $wanted->allows($answer->colour)) {
                return new Pick($answer->mix, $answer->difference->number);
            }
        }

        return null;
    }

    /**
     * Paints that may lie under a tone so that it takes fewer coats: nearly as light, not far off in hue.
     *
     * @return list<Paint> the most hiding first
     */
    public function undertones(Lab $tone): array
    {
        $found = array_filter($this->owned, static fn(Paint $paint): bool => in_array($paint->kind, Film::Covering->usualKinds(), true)
            && $paint->opacity->share >= self::HIDING
            && (($tone->lightness >= self::BRIGHT && Sense::lightens($paint)) || (self::isKin($tone, $paint->colour()) && Ciede2000::between($tone, $paint->colour()) <= self::UNDERTONE)));
        usort($found, static fn(Paint $one, Paint $other): int => $other->opacity->share <=> $one->opacity->share);

        return array_slice($found, 0, self::UNDERTONES);
    }

    /**
     * Paints that hide well and lie between a dark ground and an undertone: greys, and what leans the tone's way.
     *
     * @return list<Paint> the most hiding first
     */
    public function groundings(Lab $tone): array
    {
        $found = array_filter($this->owned, static fn(Paint $paint): bool => in_array($paint->kind, Film::Covering->usualKinds(), true)
            && $paint->opacity->share >= self::HIDING
            && $paint->colour()->lightness >= self::GROUNDING
            && ($paint->colour()->toLch()->chroma < self::COLOURED || self::isKin($tone, $paint->colour())));
        usort($found, static fn(Paint $one, Paint $other): int => $other->opacity->share <=> $one->opacity->share);

        return array_slice($found, 0, self::UNDERTONES);
    }

    /**
     * A wash that brings a ground nearest to a tone where it pools.
     *
     * @return Pick|null null when there is no wash, here or for sale
     */
    public function wash(Reflectance $ground, Lab $tone): ?Pick
    {
        return self::bestWash($this->owned, false, $ground, $tone) ?? self::bestWash($this->forSale(), true, $ground, $tone);
    }

    /**
     * Varnish that makes glass and wet things shine.
     *
     * @return Pick|null null when there is none, here or for sale
     */
    public function gloss(): ?Pick
    {
        $shines = static fn(Paint $one): bool => $one->kind === Kind::Varnish && $one->finish === Finish::Gloss;
        foreach ([[$this->owned, false], [$this->forSale(), true]] as [$paints, $areForSale]) {
            foreach ($paints as $paint) {
                if ($shines($paint)) {
                    return new Pick(Mix::single($paint), 0.0, $areForSale ? [$paint] : []);
                }
            }
        }

        return null;
    }

    /** A grey below makes a colour dirty: what lies under one leans its way. */
    private static function isKin(Lab $tone, Lab $below): bool
    {
        $chroma = hypot($tone->a, $tone->b);

        return $chroma < self::COLOURED || $tone->a * $below->a + $tone->b * $below->b >= 0.5 * $chroma * max(self::COLOURED, hypot($below->a, $below->b));
    }

    /**
     * A transparent, straight or thinned, that brings a ground nearest to a tone.
     *
     * @return Pick|null null when there is none, here or for sale
     */
    public function tint(Reflectance $ground, Lab $tone): ?Pick
    {
        $owned = self::bestTint($this->owned, false, $ground, $tone);

        return $owned !== null && $owned->isReached() ? $owned : self::nearer($owned, self::bestTint($this->forSale(), true, $ground, $tone));
    }

    private static function nearer(?Pick $owned, ?Pick $bought): ?Pick
    {
        return $bought !== null && $bought->off < ($owned->off ?? INF) - self::WORTH_BUYING ? $bought : $owned;
    }

    /** @param list<Paint> $paints */
    private static function bestTint(array $paints, bool $areForSale, Reflectance $ground, Lab $tone): ?Pick
    {
        $sense = Sense::of($tone, []);

        return self::best((static function () use ($paints, $areForSale, $ground, $tone, $sense): iterable {
            foreach ($paints as $paint) {
                foreach (in_array($paint->kind, [Kind::OneCoat, Kind::Ink], true) && $paint->opacity->share < self::VEILS ? self::TINTS : [] as [$parts, $medium]) {
                    $seen = $paint->optics()->over($ground, $parts / ($parts + $medium))->toLab();
                    if (! $sense->isStray($seen) && ! $sense->isNever(Mix::single($paint), $seen)) {
                        yield self::seen($paint, $tone, $seen, $areForSale, $medium === 0 ? null : Dilution::of($parts, $medium, Thinner::Medium));
                    }
                }
            }
        })());
    }

    /** @param iterable<Pick> $picks */
    private static function best(iterable $picks): ?Pick
    {
        $best = null;
        foreach ($picks as $pick) {
            $best = $pick->off < ($best->off ?? INF) ? $pick : $best;
        }

        return $best;
    }

    private static function seen(Paint $paint, Lab $tone, Lab $seen, bool $isForSale, ?Dilution $dilution = null): Pick
    {
        return new Pick(Mix::single($paint), Ciede2000::between($tone, $seen), $isForSale ? [$paint] : [], $dilution, $seen);
    }

    /** @return list<MixAnswer> */
    private function answers(Wanted $wanted): array
    {
        $tone = $wanted->colour;
        $key = sprintf('%s %.2f %.2f %.2f', $wanted->film->value, $tone->lightness, $tone->a, $tone->b);
        if (! isset($this->known[$key])) {
            $limits = MixLimits::none()->parts(self::MOST_PARTS);
            $target = MixTarget::of($tone, $wanted->film);
            $near = [...MixSolver::solve($target, $this->owned, $limits->paints(2), self::OF_EACH, Effort::quick())->ranked(), ...$this->homely($wanted, self::ratios())];
            // Only where nothing else does are so many parts counted, and a third paint is tried.
            $near = self::isReached($near) ? $near : [...$near, ...$this->homely($wanted, self::UNEVEN)];
            $this->known[$key] = self::isReached($near) || $near === [] ? $near : [...MixSolver::solve($target, $this->owned, $limits, self::OF_EACH, Effort::quick())->triples, ...$near];
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
        $paints = $this->covering($wanted->film);
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

    /** @return list<array{int, int}> of two paints, up to the parts that anybody counts */
    private static function ratios(): array
    {
        return [[1, 1], [2, 1], [3, 1], [4, 1], [3, 2], [1, 2], [1, 3], [1, 4], [2, 3]];
    }

    /**
     * @param list<MixAnswer> $answers
     *
     * @return list<MixAnswer> nearest first
     */
    private static function byDifference(array $answers): array
    {
        usort($answers, static fn(MixAnswer $one, MixAnswer $other): int => $one->difference->number <=> $other->difference->number);

        return $answers;
    }

    /** @param list<MixAnswer> $answers */
    private static function isReached(array $answers): bool
    {
        foreach ($answers as $answer) {
            if ($answer->difference->number <= self::REACH) {
                return true;
            }
        }

        return false;
    }

    /**
     * The mix that is on the palette, with more of an off-white in it.
     *
     * @return list<MixAnswer>
     */
    private function mothers(Wanted $wanted): array
    {
        $mother = $wanted->from;
        if ($mother === null) {
            return [];
        }
        $found = [];
        foreach (self::nearestTo($wanted->colour, array_filter($this->covering($wanted->film), Sense::lightens(...)), self::HOMELY[1]) as $white) {
            for ($parts = 1; $mother->parts() + $parts <= Mix::MOST_PARTS; $parts++) {
                $ingredients = $mother->holds($white->id)
                    ? array_map(static fn(Ingredient $one): Ingredient => $one->paint->id === $white->id ? Ingredient::of($white, $one->parts + $parts) : $one, $mother->ingredients)
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

    /** @return list<Paint> owned ones that make such a film */
    private function covering(Film $film): array
    {
        return $this->making[$film->value] ??= array_values(array_filter($this->owned, static fn(Paint $one): bool => ! $one->isClear() && in_array($one->kind, $film->usualKinds(), true)));
    }

    private function bought(Wanted $wanted): ?Pick
    {
        $sense = Sense::of($wanted->colour, []);
        $fitting = array_filter($this->forSale(), static fn(Paint $paint): bool => ! $paint->isClear() && in_array($paint->kind, $wanted->film->usualKinds(), true)
            && $wanted->allows($paint->colour()) && ! $sense->isNever(Mix::single($paint), $paint->colour()));

        return self::best(array_map(static fn(Paint $paint): Pick => self::seen($paint, $wanted->colour, $paint->colour(), true), $fitting));
    }

    /** @return list<Paint> */
    private function forSale(): array
    {
        return $this->forSale ??= $this->market === null ? [] : ($this->market)();
    }

    /** @param list<Paint> $paints */
    private static function bestWash(array $paints, bool $areForSale, Reflectance $ground, Lab $tone): ?Pick
    {
        return self::best((static function () use ($paints, $areForSale, $ground, $tone): iterable {
            foreach ($paints as $paint) {
                $isWash = $paint->kind === Kind::Wash && $paint->finish !== Finish::Gloss && ! Sense::of($tone, [])->isOpposite($paint->colour());
                foreach ($isWash ? self::WASHES : [] as [$parts, $medium]) {
                    $coat = $paint->optics()->over($ground, self::POOLED * $parts / ($parts + $medium));
                    if (! Sense::of($tone, [])->isStray($coat->toLab())) {
                        yield self::seen($paint, $tone, $coat->toLab(), $areForSale, Dilution::of($parts, $medium, Thinner::Medium));
                    }
                }
            }
        })());
    }
}
