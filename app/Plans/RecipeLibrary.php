<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Recipe;
use App\Support\StaleWrite;
use Illuminate\Support\Facades\DB;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\StepWriter;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\SharedSteps;

/** Recipes by name and tags that areas of any plan may share. */
final class RecipeLibrary
{
    /**
     * @param array{name: string, tags: list<string>} $told
     *
     * @throws Faulty when the area has no recipe
     */
    public static function add(Area $area, array $told): Recipe
    {
        if ($area->steps === []) {
            throw Faulty::field('area', sprintf('"%s" has no recipe yet that could be shared.', $area->name));
        }
        $recipe = new Recipe([...$told, 'texture' => $area->texture, 'material' => $area->material]);
        $recipe->id = $recipe->newUniqueId();
        $recipe->steps = array_map(StepWriter::write(...), SharedSteps::copied($area->steps, strtolower($recipe->id)));
        $recipe->save();

        return $recipe;
    }

    /**
     * An edit that takes a recipe says which; its steps are the library's.
     *
     * @param array<mixed> $edit as it is sent
     *
     * @return array<mixed>
     *
     * @throws Faulty when there is no such recipe
     */
    public static function filled(array $edit): array
    {
        if (($edit['do'] ?? null) !== 'take-recipe' || ! is_string($edit['recipe'] ?? null)) {
            return $edit;
        }
        $recipe = Recipe::query()->find($edit['recipe'])
            ?? throw Faulty::field('recipe', 'This recipe is not in the library any more. Choose another.');

        return [...$edit, 'steps' => $recipe->steps];
    }

    /**
     * @param array{name: string, tags: list<string>} $told
     *
     * @throws StaleWrite when it was changed elsewhere
     */
    public static function change(string $id, array $told, int $version): Recipe
    {
        return DB::transaction(static function () use ($id, $told, $version): Recipe {
            $recipe = Recipe::query()->findOrFail($id);
            StaleWrite::unlessCurrent('This recipe', $version, $recipe->version);
            $recipe->update([...$told, 'version' => $version + 1]);

            return $recipe;
        });
    }
}
