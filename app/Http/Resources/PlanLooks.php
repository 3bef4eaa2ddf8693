<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Plans\PlanView;
use Kalokroma\Colour\ColourWords;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Variant;

/** What the engine says about a plan document: looks by area, mixes by step, running order and findings. */
final class PlanLooks
{
    /** @return array<string, mixed> */
    public static function of(PlanView $view): array
    {
        $areas = $steps = [];
        foreach ($view->plan->areas as $area) {
            $areas[$area->id] = [
                'textureLabel' => $area->texture->label(),
                'strip' => StripResource::of($view->rehearsal->strip($area), $area->importance),
                'missing' => self::missing($view, $area),
                'named' => ColourWords::of($area->name)?->toSrgb()->hex(),
                'seen' => $view->seen($area) === null ? null : StripResource::look($view->seen($area)),
                'isTried' => $area->isTried(),
                // What they come to and take is asked for by itself (WayResource), when the area is looked at.
                'variants' => array_map(
                    static fn(Variant $one): array => ['id' => $one->id, 'isRecipe' => $one->isRecipeOf($area)],
                    $area->variants,
                ),
                'byHand' => array_column(array_filter($area->steps, static fn(Step $step): bool => ! $step->isAsWritten()), 'id'),
            ];
        }
        foreach ($view->plan->steps() as $step) {
            $steps[$step->id] = self::step($view, $step);
        }

        return [
            'areas' => (object) $areas,
            'steps' => (object) $steps,
            'findings' => array_map(FindingResource::of(...), $view->findings()),
            'order' => OrderResource::passes($view->rehearsal),
            'stops' => OrderResource::stops($view->rehearsal),
            'isOrdered' => $view->plan->running->order !== [],
            'undercoat' => $view->plan->undercoat->words(),
            'quilt' => QuiltResource::of($view->plan),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(PlanView $view, Step $step): array
    {
        return [
            'mix' => MixResource::maybe($step->mix),
            'words' => $step->words(),
            'drops' => DropsResource::of($step),
            'dilution' => $step->dilution->words(),
            'strength' => round($step->dilution->strength(), 3),
            'notOwned' => self::notOwned($view, $step),
        ];
    }

    /** @return list<string> ids of its paints that are not on the shelf */
    private static function notOwned(PlanView $view, Step $step): array
    {
        $missing = array_filter($step->mix->ingredients ?? [], static fn(Ingredient $one): bool => ! $view->shelf()->has($one->paint));

        return array_values(array_map(static fn(Ingredient $one): string => $one->paint->id, $missing));
    }

    private static function missing(PlanView $view, Area $area): int
    {
        return count(array_filter($area->steps, static fn(Step $step): bool => self::notOwned($view, $step) !== []));
    }
}
