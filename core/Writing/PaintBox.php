<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Closure;
use Kalokroma\Colour\Ciede2000;
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

    private const OF_EACH = 4;

    /** Opacity and ΔE₀₀ of a paint that may lie under a weak one, and how many are tried. */
    private const HIDING = 0.6;

    private const UNDERTONE = 34.0;

    /** Chroma from which a tone is a colour rather than a grey. */
    private const COLOURED = 18.0;

    private const UNDERTONES = 8;

    /** Parts of wash to medium that are tried. */
    private const WASHES = [[1, 0], [2, 1], [1, 1], [1, 2], [1, 3]];

    /** Of a fluid wash so much of a standard coat stays in a recess. */
    private const POOLED = 2.0;

    /** @var array<string, list<MixAnswer>> by what was asked */
    private array $known = [];

    /** @var list<Paint>|null */
    private ?array $forSale = null;

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
     * @return Pick|null null when there is nothing of such paint at all, here or for sale
     */
    public function nearest(Lab $tone, Film $film, Taste $taste, array $open = []): ?Pick
    {
        $owned = $this->walkedOn($tone, $film, $taste, $open) ?? $this->options($tone, $film, $taste, $open)[0] ?? null;
        if ($owned !== null && $owned->isReached()) {
            return $owned;
        }
        return self::nearer($owned, $this->bought($tone, $film));
    }

    /**
     * What comes about as near as can be, those that need the fewest pots first.
     *
     * @param array<string, true> $open ids of the pots that are open already
     *
     * @return list<Pick> of owned paints
     */
    public function options(Lab $tone, Film $film, Taste $taste, array $open = []): array
    {
        $answers = $this->answers($tone, $film);
        $within = ($answers[0] ?? null)?->difference->number + $taste->worthAPot();
        $near = array_filter($answers, static fn(MixAnswer $one): bool => $one->difference->number <= $within);
        $cost = static fn(MixAnswer $one): array => [
            count(array_filter($one->mix->ingredients, static fn(Ingredient $part): bool => ! isset($open[$part->paint->id]))) + 0.5 * count($one->mix->ingredients),
            round($one->difference->number, 1),
            $one->mix->parts(),
        ];
        usort($near, static fn(MixAnswer $one, MixAnswer $other): int => $cost($one) <=> $cost($other));

        return array_map(static fn(MixAnswer $one): Pick => new Pick($one->mix, $one->difference->number), $near);
    }

    /**
     * What is open already, mixed on: for whoever wants few pots, as long as the tone is reached.
     *
     * @param array<string, true> $open ids of the pots that are open already
     */
    private function walkedOn(Lab $tone, Film $film, Taste $taste, array $open): ?Pick
    {
        $pots = array_values(array_filter($this->owned, static fn(Paint $paint): bool => isset($open[$paint->id])));
        $answer = $taste->has(Wish::FewestPots) && $pots !== [] ? MixSolver::solve(MixTarget::of($tone, $film), $pots, MixLimits::none()->parts(self::MOST_PARTS), 1, Effort::quick())->ranked()[0] ?? null : null;

        return $answer !== null && $answer->difference->number <= self::REACH ? new Pick($answer->mix, $answer->difference->number) : null;
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
            && self::isKin($tone, $paint->colour())
            && Ciede2000::between($tone, $paint->colour()) <= self::UNDERTONE);
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

    /** A grey below makes a colour dirty: what lies under one leans its way. */
    private static function isKin(Lab $tone, Lab $below): bool
    {
        $chroma = hypot($tone->a, $tone->b);

        return $chroma < self::COLOURED || $tone->a * $below->a + $tone->b * $below->b >= 0.5 * $chroma * max(self::COLOURED, hypot($below->a, $below->b));
    }

    /**
     * A transparent, straight from the pot, that brings a ground nearest to a tone.
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
        return self::best((static function () use ($paints, $areForSale, $ground, $tone): iterable {
            foreach ($paints as $paint) {
                if ($paint->kind === Kind::OneCoat || $paint->kind === Kind::Ink) {
                    yield self::seen($paint, $tone, $paint->optics()->over($ground, 1.0)->toLab(), $areForSale);
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
        return new Pick(Mix::single($paint), Ciede2000::between($tone, $seen), $isForSale ? [$paint] : [], $dilution);
    }

    /** @return list<MixAnswer> */
    private function answers(Lab $tone, Film $film): array
    {
        $key = sprintf('%s %.2f %.2f %.2f', $film->value, $tone->lightness, $tone->a, $tone->b);
        if (! isset($this->known[$key])) {
            $limits = MixLimits::none()->parts(self::MOST_PARTS);
            $target = MixTarget::of($tone, $film);
            $few = MixSolver::solve($target, $this->owned, $limits->paints(2), self::OF_EACH, Effort::quick())->ranked();
            // A third paint is only tried where two do not do.
            $this->known[$key] = $few !== [] && $few[0]->difference->number > self::REACH ? MixSolver::solve($target, $this->owned, $limits, self::OF_EACH, Effort::quick())->ranked() : $few;
        }

        return $this->known[$key];
    }

    private function bought(Lab $tone, Film $film): ?Pick
    {
        $fitting = array_filter($this->forSale(), static fn(Paint $paint): bool => ! $paint->isClear() && in_array($paint->kind, $film->usualKinds(), true));

        return self::best(array_map(static fn(Paint $paint): Pick => self::seen($paint, $tone, $paint->colour(), true), $fitting));
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
                foreach ($paint->kind !== Kind::Wash || $paint->finish === Finish::Gloss ? [] : self::WASHES as [$parts, $medium]) {
                    $coat = $paint->optics()->over($ground, self::POOLED * $parts / ($parts + $medium));
                    yield self::seen($paint, $tone, $coat->toLab(), $areForSale, Dilution::of($parts, $medium, Thinner::Medium));
                }
            }
        })());
    }
}
