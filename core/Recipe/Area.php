<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\AreaGuess;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Texture;
use Kalokroma\Otherwise;
use Kalokroma\Simulation\Application;
use Kalokroma\Simulation\Strip;

/**
 * A part of the model that gets one colour scheme, and the steps that give it.
 */
final readonly class Area
{
    use Otherwise;

    /**
     * @param list<string> $touches ids of its neighbours
     * @param list<string> $liesUnder ids of the areas that lie over it
     * @param list<Step> $steps
     * @param string|null $part id of the loose part it is on; null: the body
     * @param list<string> $behind ids of the areas that block the way to it once they are painted, or their part is glued on
     * @param bool $fragile a thin or weak place
     * @param bool $ground the base the model stands on
     * @param bool $open not decided yet, on purpose
     * @param list<Variant> $variants
     * @param Lab|null $aim the colour it shall have, decided before how it is painted
     * @param string|null $recipe id of the recipe that it shares with other areas; null: its own
     * @param bool $byTurns the models of a batch are painted by its recipe and its variants in turn, so that they differ on purpose
     * @param Asked|null $asked how its recipe was asked for when it was written
     * @param list<string> $roles ids of the roles that have it; none: everybody
     * @param OnSculpt|null $onSculpt what was measured of it; null: nothing
     */
    private function __construct(
        public string $id,
        public string $name,
        public Texture $texture,
        public AreaSize $size,
        public Importance $importance,
        public array $touches,
        public array $liesUnder,
        public array $steps,
        public Material $material,
        public ?string $part,
        public array $behind,
        public bool $fragile,
        public bool $ground,
        public bool $open,
        public array $variants,
        public ?Lab $aim,
        public ?string $recipe,
        public bool $byTurns,
        public ?Asked $asked = null,
        public array $roles = [],
        public ?OnSculpt $onSculpt = null,
    ) {}

    /**
     * @param list<string> $touches ids of its neighbours
     * @param list<string> $liesUnder ids of the areas that lie over it
     * @param list<Step> $steps
     * @param string|null $part id of the loose part it is on; null: the body
     * @param list<string> $behind ids of the areas that block the way to it
     * @param bool $fragile a thin or weak place
     * @param bool $ground the base the model stands on
     * @param bool $open not decided yet, on purpose
     * @param list<Variant> $variants
     * @param Lab|null $aim the colour it shall have, decided before how it is painted
     * @param string|null $recipe id of the recipe that it shares with other areas; null: its own
     * @param bool $byTurns the models of a batch are painted by its recipe and its variants in turn, so that they differ on purpose
     * @param Asked|null $asked how its recipe was asked for when it was written
     * @param list<string> $roles ids of the roles that have it; none: everybody
     * @param OnSculpt|null $onSculpt what was measured of it; null: nothing
     *
     * @throws IllegalPlan when nameless, or its own neighbour
     */
    public static function of(
        string $id,
        string $name,
        Texture $texture,
        AreaSize $size,
        Importance $importance,
        array $touches = [],
        array $liesUnder = [],
        array $steps = [],
        Material $material = Material::Other,
        ?string $part = null,
        array $behind = [],
        bool $fragile = false,
        bool $ground = false,
        bool $open = false,
        array $variants = [],
        ?Lab $aim = null,
        ?string $recipe = null,
        bool $byTurns = false,
        ?Asked $asked = null,
        array $roles = [],
        ?OnSculpt $onSculpt = null,
    ): self {
        Plan::mustBeNamed('name', $name);
        if (in_array($id, $touches, true)) {
            throw IllegalPlan::touchesItself('touches', $name);
        }
        if (in_array($id, $liesUnder, true)) {
            throw IllegalPlan::liesUnderItself('liesUnder', $name);
        }
        if (in_array($id, $behind, true)) {
            throw IllegalPlan::behindItself('behind', $name);
        }

        return new self(
            $id,
            $name,
            $texture,
            $size,
            $importance,
            array_values(array_unique($touches)),
            array_values(array_unique($liesUnder)),
            $steps,
            $material,
            $part,
            array_values(array_unique($behind)),
            $fragile,
            $ground,
            $open,
            $variants,
            $aim,
            $recipe,
            $byTurns,
            $asked,
            array_values(array_unique($roles)),
            $onSculpt,
        );
    }

    /**
     * An area told by its name alone, taken for what it most likely is.
     *
     * @throws IllegalPlan when nameless
     */
    public static function guessed(string $id, string $name): self
    {
        $guess = AreaGuess::of($name);

        return self::of(
            $id,
            $name,
            $guess->texture,
            $guess->size,
            Importance::Normal,
            material: $guess->material,
            ground: $guess->material === Material::Ground,
        );
    }

    /** What it will look like after each stage over the undercoat, by its own recipe alone; steps only thought of leave no stage. */
    public function strip(Undercoat $undercoat, FinishLevel $finishLevel): Strip
    {
        $applications = array_map(static fn(Step $step): ?Application => $step->application(), [...$undercoat->steps(), ...$this->steps]);

        return Strip::of($this->texture, array_values(array_filter($applications)), $finishLevel);
    }

    public function step(string $id): ?Step
    {
        return array_find($this->steps, static fn(Step $step): bool => $step->id === $id);
    }

    /** The same area with one step in place of the one that has its id. */
    public function withStep(Step $changed): self
    {
        return $this->withSteps(array_map(static fn(Step $step): Step => $step->id === $changed->id ? $changed : $step, $this->steps));
    }

    /**
     * The same area painted by other steps. What lay within the mark of a step that is gone lies where all marks do.
     *
     * @param list<Step> $steps
     */
    public function withSteps(array $steps): self
    {
        $ids = array_column($steps, 'id');

        return $this->but(steps: array_map(
            static fn(Step $step): Step => $step->more->within === null
                || in_array($step->more->within, $ids, true) ? $step : $step->told($step->more->lyingWithin(null)),
            $steps,
        ));
    }

    /** The same, with what its recipe was asked for. */
    public function askedFor(Lab $aim, ?Asked $asked): self
    {
        return $this->but(aim: $aim, asked: $asked);
    }

    public function variant(string $id): ?Variant
    {
        return array_find($this->variants, static fn(Variant $variant): bool => $variant->id === $id);
    }

    /** The newest of this name. */
    public function variantCalled(string $name): ?Variant
    {
        return array_column($this->variants, null, 'name')[$name] ?? null;
    }

    /** @param list<Variant> $variants */
    public function withVariants(array $variants): self
    {
        return $this->but(variants: $variants);
    }

    /** @param string|null $recipe id of the recipe that it shares; null: its own from now on */
    public function sharing(?string $recipe): self
    {
        return $this->but(recipe: $recipe);
    }

    /**
     * The same, as a sculpt has it.
     *
     * @param list<string> $touches ids of its neighbours
     */
    public function measured(AreaSize $size, Texture $texture, array $touches, OnSculpt $onSculpt): self
    {
        return $this->but(size: $size, texture: $texture, touches: $touches, onSculpt: $this->onSculpt?->and($onSculpt) ?? $onSculpt);
    }

    /** Its share of the surface of a model: as measured, or as its size says; a little more than all of it where a sculpt is richer than most. */
    public function shareOf(ModelKind $model): float
    {
        return $this->onSculpt?->cm2 === null ? $this->size->share() : $this->onSculpt->cm2 / $model->surfaceCm2();
    }

    /** The same where there is no such role. */
    public function withoutRole(string $roleId): self
    {
        $without = static fn(Step $step): Step => $step->withoutRole($roleId);

        return $this->but(
            steps: array_map($without, $this->steps),
            variants: array_map(
                static fn(Variant $one): Variant => $one->with(array_map($without, $one->steps))->forRoles(array_values(array_diff(
                    $one->roles,
                    [$roleId],
                ))),
                $this->variants,
            ),
            roles: array_values(array_diff($this->roles, [$roleId])),
        );
    }

    /** The recipe it has was tried before: on a test piece, with a verdict. */
    public function isTried(): bool
    {
        return array_any($this->variants, fn(Variant $one): bool => $one->tried && $one->isRecipeOf($this));
    }

    /** The same area, decided. */
    public function decided(): self
    {
        return $this->but(open: false);
    }

    /**
     * Another area that is as this one.
     *
     * @param list<Step> $steps
     */
    public function copied(string $id, string $name, array $steps): self
    {
        return $this->but(id: $id, name: $name, steps: $steps);
    }

    /** @param string|null $part id of the loose part it is on; null: the body */
    public function onPart(?string $part): self
    {
        return $this->but(part: $part);
    }

    /**
     * The same beside others that are as its neighbours are.
     *
     * @param array<string, list<string>> $also ids of further areas, by that of the one they are like
     */
    public function relatedAlsoTo(array $also): self
    {
        return $this->but(
            steps: array_map(
                static fn(Step $step): Step => $step->more->borders === [] ? $step : $step->told($step->more->lining(self::with(
                    $step->more->borders,
                    $also,
                ))),
                $this->steps,
            ),
            touches: self::with($this->touches, $also),
            liesUnder: self::with($this->liesUnder, $also),
            behind: self::with($this->behind, $also),
        );
    }

    /**
     * @param list<string> $ids
     * @param array<string, list<string>> $also
     *
     * @return list<string>
     */
    private static function with(array $ids, array $also): array
    {
        return array_merge($ids, ...array_map(static fn(string $id): array => $also[$id] ?? [], $ids));
    }

    /** The same where there is no such other area. */
    public function without(string $otherId): self
    {
        return $this->but(
            steps: array_map(
                static fn(Step $step): Step => $step->told($step->more->lining(array_values(array_diff($step->more->borders, [$otherId])))),
                $this->steps,
            ),
            touches: array_values(array_diff($this->touches, [$otherId])),
            liesUnder: array_values(array_diff($this->liesUnder, [$otherId])),
            behind: array_values(array_diff($this->behind, [$otherId])),
        );
    }

    /** The same where there is no such loose part. */
    public function withoutPart(string $partId): self
    {
        return $this->but(
            steps: array_map(static fn(Step $step): Step => $step->withoutPart($partId), $this->steps),
            part: $this->part === $partId ? null : $this->part,
        );
    }

    /** Different pots its recipe takes. */
    public function pots(): int
    {
        return count(array_unique(array_merge(
            ...array_map(static fn(Step $step): array => array_column($step->paints(), 'id'), $this->steps)
        )));
    }

    /** A speck, a small thing or a tiny detail: nothing that is looked at as a surface of its own. */
    public function isSmall(): bool
    {
        return $this->size === AreaSize::Speck || $this->size === AreaSize::Small || $this->texture === Texture::TinyDetail;
    }
}
