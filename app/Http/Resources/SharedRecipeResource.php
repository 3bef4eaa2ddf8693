<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Plan;
use App\Models\Recipe;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Planning\Pace;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;

/**
 * A recipe of the library: what it looks like on bare plastic, what it takes, who shares it. One that cannot be read any more says why, and
 * takes no other down.
 */
final class SharedRecipeResource
{
    /** @return array<string, mixed> */
    public static function of(Recipe $recipe): array
    {
        $steps = [];
        $fault = null;
        try {
            $steps = $recipe->toCore();
        } catch (Faulty $faulty) {
            $fault = $faulty->faults[0]->message;
        }
        $area = Area::of('area', $recipe->name, $recipe->texture, AreaSize::Medium, Importance::Normal, steps: $steps, material: $recipe->material);

        return [
            'id' => $recipe->id,
            'version' => $recipe->version,
            'name' => $recipe->name,
            'tags' => $recipe->tags,
            'texture' => $recipe->texture->value,
            'textureLabel' => $recipe->texture->label(),
            'material' => $recipe->material->value,
            'strip' => StripResource::of($area->strip(Undercoat::bare(), FinishLevel::TableReady), Importance::Normal),
            'words' => array_map(static fn(Step $step): string => $step->technique->label.', '.$step->words(), $area->steps),
            'minutes' => round(Pace::to(FinishLevel::TableReady)->recipe($area), 1),
            'pots' => $area->pots(),
            'uses' => self::uses($recipe),
            'fault' => $fault,
        ];
    }

    /** @return list<array{plan: string, planName: string, area: string, areaName: string}> */
    private static function uses(Recipe $recipe): array
    {
        $uses = [];
        foreach ($recipe->plans()->orderBy('name')->get() as $plan) {
            foreach (self::sharing($plan, $recipe->id) as $area) {
                $uses[] = ['plan' => $plan->id, 'planName' => $plan->name, 'area' => $area['id'], 'areaName' => $area['name']];
            }
        }

        return $uses;
    }

    /** @return list<array{id: string, name: string}> */
    private static function sharing(Plan $plan, string $recipe): array
    {
        /** @var array{areas: list<array{id: string, name: string, recipe?: string|null}>} $document as the core has written it */
        $document = $plan->document;

        return array_values(array_filter($document['areas'], static fn(array $area): bool => ($area['recipe'] ?? null) === $recipe));
    }
}
