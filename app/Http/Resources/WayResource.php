<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Buying\Market;
use App\Learning\LogLessons;
use App\Models\Product;
use App\Models\Setting;
use App\Plans\PlanView;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\AreaWay;
use Kalokroma\Planning\PlanWay;
use Kalokroma\Planning\WayCost;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Variant;

/** A way to paint, of one area or of several, held against others. */
final class WayResource
{
    /**
     * What it takes on one model.
     *
     * @param list<Step> $steps
     *
     * @return array<string, mixed>
     */
    private static function facts(WayCost $cost, array $steps): array
    {
        return [
            'coats' => $cost->coats,
            'minutes' => round($cost->minutes, 1),
            'dryMinutes' => $cost->dryMinutes,
            'pots' => count($cost->pots),
            'price' => self::price($cost->toBuy),
            'slipMinutes' => $cost->slipMinutes === null ? null : round($cost->slipMinutes, 1),
            'newTechniques' => self::unpractised($steps),
            'toBuy' => array_column($cost->toBuy, 'name'),
            'sprayedWith' => $cost->brushes,
        ];
    }

    /**
     * What each way to paint an area comes to and takes.
     *
     * @return array<string, mixed>
     */
    public static function ofArea(PlanView $view, Area $area): array
    {
        return [
            // The recipe itself, where there are others to hold against it.
            'asPlanned' => $area->variants === [] || $area->steps === [] ? null : self::way($view, $area, null),
            'variants' => array_map(
                static fn(Variant $one): array => ['id' => $one->id, 'isRecipe' => $one->isRecipeOf($area), ...self::way($view, $area, $one)],
                $area->variants,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function way(PlanView $view, Area $area, ?Variant $variant): array
    {
        $way = AreaWay::of($view->rehearsal, $area, $variant, $view->shelf(), Setting::paces());
        $steps = $variant->steps ?? $area->steps;

        return [
            'strip' => StripResource::of($way->strip, $area->importance),
            ...self::facts($way->cost, $steps),
            'undercoat' => $variant?->undercoat?->words(),
            'words' => array_map(static fn(Step $step): string => $step->technique->label.', '.$step->words(), $steps),
        ];
    }

    /** @return list<array<string, mixed>> as planned first */
    public static function ofPlan(PlanView $view): array
    {
        return array_map(static fn(PlanWay $way): array => [
            'name' => $way->name,
            'changed' => $way->changed,
            'areas' => array_map(
                static fn(Area $area): array => [
                    'id' => $area->id,
                    'name' => $area->name,
                    'texture' => $area->texture->value,
                    'look' => StripResource::look(($way->areas[$area->id]->strip ?? $view->rehearsal->strip($area))->final()),
                ],
                $view->plan->areas,
            ),
            ...self::facts($way->cost, $way->steps),
            'undercoat' => $way->undercoat?->words(),
        ], PlanWay::all($view->rehearsal, $view->shelf(), Setting::paces()));
    }

    /**
     * @param list<Paint> $paints
     *
     * @return int minor units, as quoted today
     */
    private static function price(array $paints): int
    {
        if ($paints === []) {
            return 0;
        }
        $market = resolve(Market::class);

        return (int) Product::query()
            ->whereKey(array_column($paints, 'id'))
            ->get()
            ->sum(static fn(Product $one): int => $market->quote($one)->price);
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<string> names of techniques that one would learn by it
     */
    private static function unpractised(array $steps): array
    {
        $known = LogLessons::practised();
        $new = array_filter($steps, static fn(Step $step): bool => ! in_array($step->technique->id, $known, true));

        return $known === [] ? [] : array_values(array_unique(array_map(static fn(Step $step): string => $step->technique->label, $new)));
    }
}
