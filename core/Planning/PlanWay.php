<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Matching\Shelf;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Recipe\Variant;

/**
 * One way to paint several areas, held against others before one is chosen: variants of one name, and as planned whatever has none of it.
 */
final readonly class PlanWay
{
    /** So many areas make a way of their variants; one alone is held against its area's own. */
    private const SEVERAL = 2;

    /**
     * @param string|null $name null: as it is planned
     * @param array<string, AreaWay> $areas what is compared, by area id
     * @param list<string> $changed ids of the areas that it paints otherwise than planned
     * @param list<Step> $steps of all of them
     * @param Undercoat|null $undercoat that all it paints otherwise stands on; null: that of the model, or several
     */
    private function __construct(
        public ?string $name,
        public array $areas,
        public array $changed,
        public array $steps,
        public WayCost $cost,
        public ?Undercoat $undercoat,
    ) {}

    /** @return list<self> as planned first; none where no two areas have a variant of one name */
    public static function all(Rehearsal $rehearsal, Shelf $shelf, ?Paces $paces = null): array
    {
        $named = [];
        foreach ($rehearsal->plan->areas as $area) {
            foreach ($area->variants as $variant) {
                $named[$variant->name][$area->id] = $variant;
            }
        }
        $named = array_filter($named, static fn(array $variants): bool => count($variants) >= self::SEVERAL);
        if ($named === []) {
            return [];
        }
        $ids = array_merge(...array_values(array_map(array_keys(...), $named)));
        $areas = array_values(array_filter($rehearsal->plan->areas, static fn(Area $area): bool => in_array($area->id, $ids, true)));
        $ways = [self::of($rehearsal, null, $areas, [], $shelf, $paces)];
        foreach ($named as $name => $variants) {
            $ways[] = self::of($rehearsal, (string) $name, $areas, $variants, $shelf, $paces);
        }

        return $ways;
    }

    /**
     * @param list<Area> $areas
     * @param array<string, Variant> $variants by area id
     */
    private static function of(Rehearsal $rehearsal, ?string $name, array $areas, array $variants, Shelf $shelf, ?Paces $paces): self
    {
        $ways = $changed = $steps = [];
        foreach ($areas as $area) {
            $variant = $variants[$area->id] ?? null;
            $ways[$area->id] = AreaWay::of($rehearsal, $area, $variant, $shelf, $paces);
            array_push($steps, ...($variant->steps ?? $area->steps));
            if ($variant !== null && ! $variant->isRecipeOf($area)) {
                $changed[] = $area->id;
            }
        }

        $costs = array_column($ways, 'cost');

        $grounds = array_map(static fn(Variant $one): string => $one->undercoat?->words() ?? '', $variants);

        return new self(
            $name,
            $ways,
            $changed,
            $steps,
            WayCost::together($costs),
            count(array_unique($grounds)) === 1 ? $variants[array_key_first($variants)]->undercoat : null,
        );
    }
}
