<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
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
     * @throws IllegalMix when there are none or too many, in paints or in parts, or one paint stands in it twice
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

        return new self($ingredients);
    }

    public static function single(Paint $paint): self
    {
        return self::of([Ingredient::of($paint, 1)]);
    }

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
        return array_sum(array_map(static fn(Ingredient $one): int => $one->parts, $this->ingredients));
    }

    /** More than half of it is transparent paint: it tints what lies under it and never hides it. */
    public function isTransparent(): bool
    {
        $clear = 0;
        foreach ($this->ingredients as $ingredient) {
            $clear += $ingredient->paint->kind->isTransparent() ? $ingredient->parts : 0;
        }

        return 2 * $clear > $this->parts();
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
        foreach ($this->ingredients as $ingredient) {
            if ($ingredient->paint->id === $paintId) {
                return true;
            }
        }

        return false;
    }
}
