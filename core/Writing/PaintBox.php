<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Closure;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixAnswer;
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

    /** Opacity and ΔE₀₀ of a paint that may lie under a weak one, and how many are tried. */
    private const HIDING = 0.58;

    private const UNDERTONE = 34.0;

    /** Lightness from which a tone is a step up from a dark ground. */
    private const GROUNDING = 40.0;

    /** A white or pale grey may lie under any bright tone, a yellow above all. */
    private const BRIGHT = 55.0;

    /** Chroma from which a tone is a colour rather than a grey. */
    private const COLOURED = 18.0;

    private const UNDERTONES = 8;

    private readonly NearMixes $mixes;

    /** @var list<Paint>|null */
    private ?array $forSale = null;

    /**
     * @param list<Paint> $owned
     * @param (Closure(): list<Paint>)|null $market what is not owned and may be bought: asked when nothing owned will do
     */
    public function __construct(
        private readonly array $owned,
        private readonly ?Closure $market = null,
    ) {
        $this->mixes = new NearMixes($owned);
    }

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
        $sense = Sense::of($wanted->colour, $this->mixes->paints($wanted->film));
        $answers = $this->mixes->to($wanted);
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
            count(array_filter(
                $answers[$at]->mix->ingredients,
                static fn(Ingredient $part): bool => ! isset($open[$part->paint->id]),
            )) + 0.5 * count($answers[$at]->mix->ingredients),
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
        $near = array_find(
            NearMixes::of($wanted, $pots),
            static fn(MixAnswer $one): bool => $one->difference->number <= self::REACH && $wanted->allows($one->colour),
        );

        return $near === null ? null : new Pick($near->mix, $near->difference->number);
    }

    /**
     * Paints that may lie under a tone so that it takes fewer coats: nearly as light, not far off in hue.
     *
     * @return list<Paint> the most hiding first
     */
    public function undertones(Lab $tone): array
    {
        $found = array_filter($this->owned, static fn(Paint $paint): bool => in_array($paint->kind, Film::Covering->usualKinds(), true)
            && $paint->opacity()->share >= self::HIDING
            && (
                ($tone->lightness >= self::BRIGHT && Sense::lightens($paint))
                || (self::isKin($tone, $paint->colour()) && Ciede2000::between($tone, $paint->colour()) <= self::UNDERTONE)
            ));
        usort($found, static fn(Paint $one, Paint $other): int => $other->opacity()->share <=> $one->opacity()->share);

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
            && $paint->opacity()->share >= self::HIDING
            && $paint->colour()->lightness >= self::GROUNDING
            && ($paint->colour()->toLch()->chroma < self::COLOURED || self::isKin($tone, $paint->colour())));
        usort($found, static fn(Paint $one, Paint $other): int => $other->opacity()->share <=> $one->opacity()->share);

        return array_slice($found, 0, self::UNDERTONES);
    }

    /**
     * A wash that brings a ground nearest to a tone where it pools.
     *
     * @return Pick|null null when there is no wash, here or for sale
     */
    public function wash(Reflectance $ground, Lab $tone): ?Pick
    {
        return self::best(Transparents::washes($this->owned, false, $ground, $tone))
            ?? self::best(Transparents::washes($this->forSale(), true, $ground, $tone));
    }

    /**
     * A wash that gives metal its depth: brown, black or rust go over any metal.
     *
     * @return Pick|null null when there is no wash, here or for sale
     */
    public function grime(Reflectance $ground, Lab $tone): ?Pick
    {
        return self::best(Transparents::grimes($this->owned, false, $ground, $tone))
            ?? self::best(Transparents::grimes($this->forSale(), true, $ground, $tone));
    }

    /**
     * Varnish that makes glass and wet things shine.
     *
     * @return Pick|null null when there is none, here or for sale
     */
    public function gloss(): ?Pick
    {
        $shines = static fn(Paint $one): bool => $one->kind === Kind::Varnish && $one->finish === Finish::Gloss;
        $owned = array_find($this->owned, $shines);
        $paint = $owned ?? array_find($this->forSale(), $shines);

        return $paint === null ? null : new Pick(Mix::single($paint), 0.0, $owned === null ? [$paint] : []);
    }

    /** A grey below makes a colour dirty: what lies under one leans its way. */
    private static function isKin(Lab $tone, Lab $below): bool
    {
        $chroma = hypot($tone->a, $tone->b);

        return $chroma < self::COLOURED
            || $tone->a * $below->a + $tone->b * $below->b >= 0.5 * $chroma * max(self::COLOURED, hypot($below->a, $below->b));
    }

    /**
     * A transparent, straight or thinned, that brings a ground nearest to a tone.
     *
     * @return Pick|null null when there is none, here or for sale
     */
    public function tint(Reflectance $ground, Lab $tone): ?Pick
    {
        $owned = self::best(Transparents::tints($this->owned, false, $ground, $tone));

        return $owned !== null && $owned->isReached()
            ? $owned
            : self::nearer($owned, self::best(Transparents::tints($this->forSale(), true, $ground, $tone)));
    }

    private static function nearer(?Pick $owned, ?Pick $bought): ?Pick
    {
        return $bought !== null && $bought->off < ($owned->off ?? INF) - self::WORTH_BUYING ? $bought : $owned;
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

    private function bought(Wanted $wanted): ?Pick
    {
        $sense = Sense::of($wanted->colour, []);
        $fitting = array_filter($this->forSale(), static fn(Paint $paint): bool => ! $paint->isClear()
            && in_array($paint->kind, $wanted->film->usualKinds(), true)
            && $wanted->allows($paint->colour())
            && ! $sense->isNever(Mix::single($paint), $paint->colour()));

        return self::best(array_map(
            static fn(Paint $paint): Pick => new Pick(Mix::single($paint), Ciede2000::between($wanted->colour, $paint->colour()), [$paint]),
            $fitting,
        ));
    }

    /** @return list<Paint> */
    private function forSale(): array
    {
        return $this->forSale ??= $this->market === null ? [] : ($this->market)();
    }

}
