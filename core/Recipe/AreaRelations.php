<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/**
 * What touches and covers what among a plan's areas.
 */
final class AreaRelations
{
    /** @var array<string, Area> */
    private array $byId = [];

    /** @var array<string, int>|null how many areas lie one over the other on top of each, by id */
    private ?array $depths = null;

    /** @param list<Area> $areas */
    public function __construct(private readonly array $areas)
    {
        foreach ($areas as $area) {
            $this->byId[$area->id] = $area;
        }
    }

    /** @throws IllegalPlan on clashing ids, strangers and circles */
    public function check(): void
    {
        $this->checkIds();
        foreach ($this->areas as $i => $area) {
            foreach (['touches' => $area->touches, 'liesUnder' => $area->liesUnder] as $field => $ids) {
                foreach ($ids as $id) {
                    isset($this->byId[$id]) || throw IllegalPlan::unknownArea("areas.$i.$field");
                }
            }
        }
        $this->depths();
    }

    /**
     * How many areas lie one over the other on top of this one: the deepest is painted first.
     *
     * @throws IllegalPlan when areas lie under themselves
     */
    public function depth(Area $area): int
    {
        return $this->depths()[$area->id];
    }

    private function checkIds(): void
    {
        if (count($this->byId) !== count($this->areas)) {
            throw IllegalPlan::twice('areas', 'areas');
        }
        $seen = [];
        foreach ($this->areas as $i => $area) {
            foreach ($area->steps as $step) {
                isset($seen[$step->id]) && throw IllegalPlan::twice("areas.$i.steps", 'steps');
                $seen[$step->id] = true;
            }
        }
    }

    /**
     * By a topological sort from the outermost areas inward (Kahn 1962): each relation is looked at once.
     *
     * @return array<string, int>
     *
     * @throws IllegalPlan naming the circle when there is one
     */
    private function depths(): array
    {
        if ($this->depths !== null) {
            return $this->depths;
        }
        $covers = $waitsFor = [];
        foreach ($this->areas as $area) {
            $waitsFor[$area->id] = count($area->liesUnder);
            foreach ($area->liesUnder as $id) {
                $covers[$id][] = $area->id;
            }
        }
        $depths = array_fill_keys(array_keys($this->byId), 0);
        $ready = array_keys(array_filter($waitsFor, static fn(int $outer): bool => $outer === 0));
        while ($ready !== []) {
            $outer = (string) array_pop($ready);
            foreach ($covers[$outer] ?? [] as $inner) {
                $depths[$inner] = max($depths[$inner], $depths[$outer] + 1);
                if (--$waitsFor[$inner] === 0) {
                    $ready[] = $inner;
                }
            }
        }
        $stuck = array_filter($waitsFor, static fn(int $outer): bool => $outer > 0);
        if ($stuck !== []) {
            throw $this->circle(array_map(strval(...), array_keys($stuck)));
        }

        return $this->depths = $depths;
    }

    /** @param non-empty-list<string> $stuck ids of areas that lie under a circle or in it */
    private function circle(array $stuck): IllegalPlan
    {
        $path = [];
        for ($at = $stuck[0]; ! in_array($at, $path, true); $at = array_values(array_intersect($this->byId[$at]->liesUnder, $stuck))[0]) {
            $path[] = $at;
        }
        $circle = array_slice($path, (int) array_search($at, $path, true));
        $places = array_column($this->areas, 'id');

        return IllegalPlan::circle(
            sprintf('areas.%d.liesUnder', (int) array_search($circle[0], $places, true)),
            array_map(fn(string $id): string => $this->byId[$id]->name, $circle),
        );
    }
}
