<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Hazard;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Simulation\Application;
use Kalokroma\Simulation\CoatForecast;
use Kalokroma\Simulation\SprayCone;
use Kalokroma\Simulation\Surface;

/**
 * One stage of one area, or of the whole model, as it is really carried out. Without the paint it needs it is only thought of, and paints
 * nothing yet.
 */
final readonly class Step
{
    public const MOST_COATS = 12;

    public const LONGEST_NOTE = 500;

    private function __construct(
        public string $id,
        public Technique $technique,
        public ?Mix $mix,
        public Dilution $dilution,
        public int $coats,
        public Brush $brush,
        public Place $place,
        public string $note,
        public ?SprayCone $cone,
        public Particulars $more,
    ) {}

    /** @throws IllegalPlan when coats are none or too many, or the technique takes no such paint */
    public static function of(
        string $id,
        Technique $technique,
        ?Mix $mix,
        Dilution $dilution,
        int $coats,
        Brush $brush,
        Place $place,
        string $note = '',
        ?SprayCone $cone = null,
        ?Particulars $more = null,
    ): self {
        if ($coats < 1 || $coats > self::MOST_COATS) {
            throw IllegalPlan::coats('coats', $coats);
        }
        foreach (['mix' => $mix, 'second.mix' => $more?->second?->mix] as $field => $paints) {
            foreach ($paints->ingredients ?? [] as $ingredient) {
                if (! $technique->takes->accepts($ingredient->paint->kind)) {
                    throw IllegalPlan::wrongPaint($field, $technique, $ingredient->paint);
                }
            }
        }
        $cone ??= $technique->does(Nature::HasCone) ? SprayCone::ofHalfAngle(SprayCone::USUAL_DEGREES) : null;

        return new self($id, $technique, $mix, $dilution, $coats, $brush, $place, $note, $cone, $more ?? Particulars::none());
    }

    /** A step as its technique is usually begun. */
    public static function usual(
        string $id,
        Technique $technique,
        ?Place $place = null,
        ?Mix $mix = null,
        string $note = '',
        ?Particulars $more = null,
    ): self {
        $usual = $technique->usual;

        return self::of($id, $technique, $mix, Dilution::usual($usual), $usual->coats, $usual->brush, $place ?? $usual->place, $note, more: $more);
    }

    /** The same step in other coats. */
    public function inCoats(int $coats): self
    {
        return $this->but(coats: $coats);
    }

    /** The same step with other paint. */
    public function with(?Mix $mix, ?Dilution $dilution = null): self
    {
        return $this->but(mix: $mix, dilution: $dilution ?? $this->dilution);
    }

    /** The same step in another place. */
    public function at(Place $place): self
    {
        return $this->but(place: $place);
    }

    public function told(Particulars $more): self
    {
        return $this->but(more: $more);
    }

    /** The same step, told apart. */
    public function called(string $id): self
    {
        return $this->but(id: $id);
    }

    private function but(mixed ...$changes): self
    {
        // @phpstan-ignore argument.type
        return self::of(...[...get_object_vars($this), ...$changes]);
    }

    /** The same step where there is no such loose part. */
    public function withoutPart(string $partId): self
    {
        return $this->more->part === $partId ? $this->told($this->more->gluing(null)) : $this;
    }

    /** The same step where there is no such role. */
    public function withoutRole(string $roleId): self
    {
        return in_array($roleId, $this->more->roles, true)
            ? $this->told($this->more->forRoles(array_values(array_diff($this->more->roles, [$roleId]))))
            : $this;
    }

    /**
     * A recipe whose steps are called otherwise, and call each other so.
     *
     * @param list<self> $steps
     * @param list<string> $ids as many
     *
     * @return list<self>
     */
    public static function allCalled(array $steps, array $ids): array
    {
        $new = array_combine(array_column($steps, 'id'), $ids);

        return array_map(
            static fn(self $step): self => $step->called($new[$step->id])->told($step->more->lyingWithin($new[$step->more->within ?? ''] ?? null)),
            $steps,
        );
    }

    /** The same for steps that are carried out alike, whatever they are called and whatever is noted of them. */
    public function fingerprint(): string
    {
        $mix = static fn(?Mix $mix): string => $mix === null ? '' : implode(
            '+',
            array_map(static fn(Ingredient $one): string => "$one->parts {$one->paint->id}", $mix->ingredients),
        );
        $dilution = static fn(?Dilution $one): string => $one === null ? '' : "$one->paint:$one->thinner {$one->with->value} {$one->pot?->id}";

        return hash('xxh64', implode('|', [
            $this->technique->id,
            $mix($this->mix),
            $dilution($this->dilution),
            $this->coats,
            $this->place->value,
            $this->more->load->value,
            $mix($this->more->second?->mix),
            $dilution($this->more->second?->dilution),
            ...($this->more->within === null ? [] : ['within']),
        ]));
    }

    /** It was written for the painter, and stands as it was written. */
    public function isAsWritten(): bool
    {
        return $this->more->written?->as === $this->fingerprint();
    }

    /** It must be carried through on one model before the next. */
    public function isPerModel(): bool
    {
        return $this->more->perModel ?? $this->technique->does(Nature::StaysWet);
    }

    /** A spot of gloss, or an effect that dries wet: what a dull coat over it would take. */
    public function isMeantToShine(): bool
    {
        return ($this->technique->glosses() && ! $this->technique->does(Nature::Sprays))
            || ($this->technique->does(Nature::Effects) && $this->mix?->isGlossy() === true);
    }

    /** It changes a surface, as far as is known yet: what needs paint has some. */
    public function isReady(): bool
    {
        return $this->mix !== null || ! $this->technique->takes->needsPaint();
    }

    /** What it is done with, or what is missing yet. */
    public function words(): string
    {
        return $this->mix?->words() ?? ($this->technique->takes->needsPaint() ? 'no paint chosen yet' : 'no paint');
    }

    /**
     * @param list<self> $steps
     *
     * @return array<string, Paint> every pot they are done with, by id
     */
    public static function potsOf(array $steps): array
    {
        return array_column(array_merge(...array_map(static fn(self $one): array => $one->paints(), $steps)), null, 'id');
    }

    /** @return list<Paint> every pot it is done with */
    public function paints(): array
    {
        $paints = array_column([...$this->mix->ingredients ?? [], ...$this->more->second->mix->ingredients ?? []], 'paint');
        foreach ([$this->dilution->pot, $this->more->second?->dilution->pot] as $pot) {
            if ($pot !== null) {
                $paints[] = $pot;
            }
        }

        return $paints;
    }

    /** @return list<Hazard> of what is done, with what, and by which brush or can */
    public function hazards(): array
    {
        $technique = $this->technique;
        $isSprayed = $technique->does(Nature::Sprays) || $this->brush === Brush::SprayCan || $this->brush === Brush::Airbrush;
        $isSpirit = $technique->does(Nature::Solvent, Nature::Streaks) || in_array(Kind::Enamel, $this->mix?->kinds() ?? [], true)
            || ($technique->does(Nature::Pigments) && $this->dilution->with === Thinner::Thinner && $this->dilution->thinner > 0);
        $hazards = array_filter($technique->hazards, static fn(Hazard $one): bool => ! in_array($one, [Hazard::Aerosol, Hazard::Airbrush], true));

        return array_values(array_unique([
            ...($technique->primes() ? [Hazard::Preparing] : []),
            ...($isSprayed && $this->brush === Brush::SprayCan ? [Hazard::Aerosol] : []),
            ...($isSprayed && $this->brush === Brush::Airbrush ? [Hazard::Airbrush] : []),
            ...($isSpirit && $isSprayed ? [Hazard::SprayedSolvent] : []),
            ...($isSpirit ? [Hazard::Solvent] : []),
            ...$hazards,
        ], SORT_REGULAR));
    }

    /** The surface after it; as it was while it is only thought of. */
    public function over(Surface $surface): Surface
    {
        $application = $this->application();

        return $application === null ? $surface : $surface->after($application);
    }

    /** Coats it needs to cover what is there; null when it is not meant to, or no number of coats that anybody paints does. */
    public function coatsOver(Surface $surface, FinishLevel $finish): ?int
    {
        $application = $this->place->isFeathered() ? null : $this->application();
        $needed = $application === null ? null : CoatForecast::of($application, $surface, $finish)?->needed;

        return $needed === null || $needed > self::MOST_COATS ? null : $needed;
    }

    /** What the simulation lays down; null while it is only thought of. */
    public function application(): ?Application
    {
        if (! $this->isReady()) {
            return null;
        }
        $mix = $this->mix?->isClear() === false ? $this->mix : null;
        $second = $this->more->second;

        return new Application(
            $this->id,
            $this->technique,
            $this->place,
            $mix?->optics(),
            $this->dilution->strength(),
            $this->coats,
            $mix?->isTransparent() ?? false,
            $this->cone,
            $this->mix?->skinWhite() ?? ($this->technique->leaves ?? Finish::Matt)->white(),
            $mix?->isMetal() ?? false,
            $this->more->side,
            $this->more->load,
            $second === null || ! $this->technique->does(Nature::BlendsTwo)
                ? null
                : ['film' => $second->mix->optics(), 'strength' => $second->dilution->strength(), 'tints' => $second->mix->isTransparent()],
            $this->more->within,
        );
    }
}
