<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Variant;

/** An area that differs from model to model on purpose: its recipe and its variants, one after the other through the batch. */
final readonly class Turns
{
    /** @param list<array{name: string, steps: list<Step>, models: list<int>}> $turns models by number from 1; none for an area that is painted alike on all */
    private function __construct(public array $turns) {}

    /** @param int $models in the batch */
    public static function of(Area $area, int $models): self
    {
        $others = array_values(array_filter($area->variants, static fn(Variant $one): bool => $one->steps !== [] && ! $one->isRecipeOf($area)));
        if (! $area->byTurns || $others === [] || $area->steps === []) {
            return new self([]);
        }
        $recipe = array_values(array_filter($area->variants, static fn(Variant $one): bool => $one->isRecipeOf($area)))[0] ?? null;
        $ways = [[$recipe->name ?? 'as the recipe', $area->steps], ...array_map(static fn(Variant $one): array => [$one->name, $one->steps], $others)];
        $turns = [];
        foreach ($ways as $at => [$name, $steps]) {
            $mine = array_values(array_filter(range(1, max(1, $models)), static fn(int $model): bool => ($model - 1) % count($ways) === $at));
            if ($mine !== []) {
                $turns[] = ['name' => $name, 'steps' => $steps, 'models' => $mine];
            }
        }

        return new self($turns);
    }

    /**
     * What stands at a step of the recipe in each turn: the step of the same place, with the last also all that a longer variant has besides.
     *
     * @return list<array{name: string, models: list<int>, steps: list<Step>}> no steps: these models are through already
     */
    public function at(Area $area, Step $step): array
    {
        $place = array_search($step, $area->steps, true);
        if ($place === false || count($this->turns) < 2) {
            return [];
        }
        $isLast = $place === count($area->steps) - 1;

        return array_map(static fn(array $turn): array => ['name' => $turn['name'], 'models' => $turn['models'], 'steps' => array_slice($turn['steps'], $place, $isLast ? null : 1)], $this->turns);
    }
}
