<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Undercoat;

/** What a plan would begin with: of each area what it most likely is, and what the undercoat makes of it. */
final class SketchResource
{
    /**
     * @param list<string> $names of areas
     *
     * @return array<string, mixed>
     */
    public static function of(array $names, ?Undercoat $undercoat): array
    {
        return ['areas' => array_map(static function (string $name) use ($undercoat): array {
            $area = Area::guessed('sketch', $name);

            return [
                'name' => $name,
                'texture' => $area->texture->label(),
                'material' => $area->material->value,
                'size' => $area->size->value,
                'share' => $area->size->share(),
                'first' => $area->texture->goesOnAfter(null, CraftBook::standard())->label,
                'look' => $undercoat === null ? null : StripResource::look($area->strip($undercoat, FinishLevel::TableReady)->final()),
            ];
        }, $names)];
    }
}
