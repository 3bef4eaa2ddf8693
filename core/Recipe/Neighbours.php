<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** Which areas touch: whoever says so of the two, both do. What lies over an area touches it too. */
final readonly class Neighbours
{
    /** @param array<string, array<string, Area>> $of */
    private function __construct(private array $of) {}

    public static function of(Plan $plan): self
    {
        $byId = $of = [];
        foreach ($plan->areas as $area) {
            $byId[$area->id] = $area;
            $of[$area->id] = [];
        }
        foreach ($plan->areas as $area) {
            foreach ([...$area->touches, ...$area->liesUnder] as $id) {
                if (isset($byId[$id])) {
                    $of[$area->id][$id] = $byId[$id];
                    $of[$id][$area->id] = $area;
                }
            }
        }

        return new self($of);
    }

    /** @return list<Area> */
    public function touching(Area $area): array
    {
        return array_values($this->of[$area->id] ?? []);
    }

    public function areTouching(Area $one, Area $other): bool
    {
        return isset($this->of[$one->id][$other->id]);
    }
}
