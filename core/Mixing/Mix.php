<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\IllegalPaint;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Paint;

/**
 * Paints in whole parts, counted in drops. A single paint is a mix of one.
 */
final class Mix
{
    public const MOST_PAINTS = 4;

    public const MOST_PARTS = 9;

    private ?Optics $optics = null;

    /** @param non-empty-list<Ingredient> $ingredients */
    private function __construct(public readonly array $ingredients) {}

    /**
     * @param list<Ingredient> $ingredients
     *
     * @throws IllegalMix when there are none or too many, in paints or in parts, one paint stands in it twice, a fluid without colour is mixed into
     *                    paint, or metal paint is drowned in opaque
     */
    public static function of(array $ingredients): self
    {
        if ($ingredients === [] || count($ingredients) > self::MOST_PAINTS) {
            throw IllegalMix::paints(count($ingredients));
        }
        $seen = [];
        $parts = 0;
        foreach ($ingredients as $ingredient) {
            if (isset($seen[$ingredient->paint->id])) {
                throw IllegalMix::twice($ingredient->paint->name);
            }
            $seen[$ingredient->paint->id] = true;
            $parts += $ingredient->parts;
        }
        if ($parts > self::MOST_PARTS) {
            throw IllegalMix::tooManyParts($parts);
        }
        self::mustGoTogether($ingredients);

        return new self($ingredients);
    }

    /**
     * A mix that is paint, to be known by its colour.
     *
     * @param list<Ingredient> $ingredients
     *
     * @throws IllegalMix as `of`, and when it is a fluid without colour
     */
    public static function coloured(array $ingredients): self
    {
        $mix = self::of($ingredients);

        return $mix->isClear() ? throw IllegalMix::clear($mix->ingredients[0]->paint->name) : $mix;
    }

    public static function single(Paint $paint): self
    {
        return self::of([Ingredient::of($paint, 1)]);
    }

    /** A fluid without colour: varnish, medium, chipping or decal fluid. */
    public function isClear(): bool
    {
        return $this->ingredients[0]->paint->isClear();
    }

    /** More than half of it is metal paint: it has a sheen. */
    public function isMetal(): bool
    {
        return 2 * $this->partsOf(static fn(Paint $one): bool => $one->kind === Kind::Metallic) > $this->parts();
    }

    /** @throws IllegalPaint when it is clear */
    public function optics(): Optics
    {
        return $this->optics ??= count($this->ingredients) === 1
            ? $this->ingredients[0]->paint->optics()
            : Optics::mixed(array_map(
                static fn(Ingredient $one): array => [$one->paint->optics(), $one->parts],
                $this->ingredients,
            ));
    }

    public function parts(): int
    {
        return array_sum(array_column($this->ingredients, 'parts'));
    }

    /** One of its paints dries glossy. */
    public function isGlossy(): bool
    {
        return array_any($this->ingredients, static fn(Ingredient $ingredient): bool => $ingredient->paint->finish === Finish::Gloss);
    }

    /** @return list<Kind> of its paints */
    public function kinds(): array
    {
        return array_map(static fn(Ingredient $one): Kind => $one->paint->kind, $this->ingredients);
    }

    /** What film it makes; null when it is a fluid without colour. */
    public function film(): ?Film
    {
        return match (true) {
            $this->isClear() => null,
            $this->isMetal() => Film::Metal,
            $this->isTransparent() => Film::SeeThrough,
            default => Film::Covering,
        };
    }

    /** More than half of it is transparent paint: it tints what lies under it and never hides it. */
    public function isTransparent(): bool
    {
        return 2 * $this->partsOf(static fn(Paint $one): bool => $one->kind->isTransparent()) > $this->parts();
    }

    /** Its masstone, or one coat over white when it is transparent: as the swatches of its paints are meant. */
    public function colour(): Lab
    {
        return $this->isTransparent()
            ? $this->optics()->over(Reflectance::flat(1.0), 1.0)->toLab()
            : $this->optics()->masstone()->toLab();
    }

    /** Reflectance its dry skin adds: the mean of its paints' finishes by parts. */
    public function skinWhite(): float
    {
        $white = 0.0;
        foreach ($this->ingredients as $ingredient) {
            $white += $ingredient->parts * $ingredient->paint->finish->white();
        }

        return $white / $this->parts();
    }

    /** Opacity of one standard coat, 0…1. */
    public function opacity(): float
    {
        return $this->optics()->contrast();
    }

    /** "3 : 1", or nothing for a single paint. */
    public function ratio(): string
    {
        return count($this->ingredients) === 1
            ? ''
            : implode(' : ', array_map(static fn(Ingredient $one): string => (string) $one->parts, $this->ingredients));
    }

    /** "3 Oilskin Yellow : 1 Tallow Pale", or the name of the single paint. */
    public function words(): string
    {
        return count($this->ingredients) === 1
            ? $this->ingredients[0]->paint->name
            : implode(' : ', array_map(static fn(Ingredient $one): string => $one->parts.' '.$one->paint->name, $this->ingredients));
    }

    /** True when it holds this paint. */
    public function holds(string $paintId): bool
    {
        return array_any($this->ingredients, static fn(Ingredient $ingredient): bool => $ingredient->paint->id === $paintId);
    }

    /** @param callable(Paint): bool $which */
    private function partsOf(callable $which): int
    {
        return array_sum(array_map(static fn(Ingredient $one): int => $which($one->paint) ? $one->parts : 0, $this->ingredients));
    }

    /**
     * @param non-empty-list<Ingredient> $ingredients
     *
     * @throws IllegalMix
     */
    private static function mustGoTogether(array $ingredients): void
    {
        $metal = $opaque = 0;
        $names = ['', ''];
        foreach ($ingredients as $ingredient) {
            if ($ingredient->paint->isClear() !== $ingredients[0]->paint->isClear()) {
                throw IllegalMix::clear(($ingredient->paint->isClear() ? $ingredient : $ingredients[0])->paint->name);
            }
            if ($ingredient->paint->kind === Kind::Metallic) {
                $metal += $ingredient->parts;
                $names[0] = $ingredient->paint->name;
            } elseif ($ingredient->paint->kind === Kind::Opaque || $ingredient->paint->kind === Kind::SemiOpaque) {
                $opaque += $ingredient->parts;
                $names[1] = $ingredient->paint->name;
            }
        }
        if ($metal > 0 && $opaque > $metal) {
            throw IllegalMix::deadMetal(...$names);
        }
    }
}
