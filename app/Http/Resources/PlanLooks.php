<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Plans\PlanView;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Planning\Pass;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;

/** What the engine says about a plan document: looks and findings by area, mixes by step, painting order. */
final class PlanLooks
{
    /** @return array<string, mixed> */
    public static function of(PlanView $view): array
    {
        $areas = $steps = [];
        foreach ($view->plan->undercoat->steps() as $step) {
            $steps[$step->id] = self::step($view, $step);
        }
        foreach ($view->plan->areas as $area) {
            $areas[$area->id] = [
                'textureLabel' => $area->texture->label(),
                'strip' => StripResource::of($view->strips->of($area), $area->importance),
                'findings' => array_map(FindingResource::of(...), $view->findings($area)),
                'missing' => self::missing($view, $area),
            ];
            foreach ($area->steps as $step) {
                $steps[$step->id] = self::step($view, $step);
            }
        }

        return [
            'areas' => (object) $areas,
            'steps' => (object) $steps,
            'order' => array_map(static fn(Pass $pass): array => [
                'number' => $pass->number,
                'areaId' => $pass->area?->id,
                'stepId' => $pass->step->id,
            ], $view->order()),
            'undercoat' => $view->plan->undercoat->words(),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(PlanView $view, Step $step): array
    {
        return [
            'mix' => $step->mix === null ? null : MixResource::of($step->mix),
            'drops' => DropsResource::of($step),
            'dilution' => $step->dilution->words(),
            'strength' => round($step->dilution->strength(), 3),
            'notOwned' => self::notOwned($view, $step),
        ];
    }

    /** @return list<string> ids of its paints that are not on the shelf */
    private static function notOwned(PlanView $view, Step $step): array
    {
        $ids = array_map(static fn(Ingredient $one): string => $one->paint->id, $step->mix->ingredients ?? []);

        return array_values(array_filter($ids, static fn(string $id): bool => ! ($view->products->get($id)?->isOwned() ?? false)));
    }

    private static function missing(PlanView $view, Area $area): int
    {
        return count(array_filter($area->steps, static fn(Step $step): bool => self::notOwned($view, $step) !== []));
    }
}
