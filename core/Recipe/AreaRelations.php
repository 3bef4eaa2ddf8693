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
        foreach ($this->areas as $i => $area) {
            if ($this->liesUnder($area, $area->id, [])) {
                throw IllegalPlan::liesUnderItself("areas.$i.liesUnder", $area->name);
            }
        }
    }

    /** How many areas lie one over the other on top of this one: the deepest is painted first. */
    public function depth(Area $area): int
    {
        $depth = 0;
        foreach ($area->liesUnder as $id) {
            $depth = max($depth, 1 + $this->depth($this->byId[$id]));
        }

        return $depth;
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

    /** @param array<string, true> $visited */
    private function liesUnder(Area $area, string $sought, array $visited): bool
    {
        if (isset($visited[$area->id])) {
            return false;
        }
        $visited[$area->id] = true;
        foreach ($area->liesUnder as $id) {
            if ($id === $sought || $this->liesUnder($this->byId[$id], $sought, $visited)) {
                return true;
            }
        }

        return false;
    }
}
