<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Map\MapView;
use App\Models\Product;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Temperature;
use Kalokroma\Matching\PotLevel;
use Kalokroma\Matching\ShelfGap;
use Kalokroma\Matching\ShelfMap;
use Kalokroma\Paint\Paint;

/** Every place on the map with what there is to say of it. */
final class MapResource
{
    /** @return array<string, mixed> */
    public static function of(MapView $view): array
    {
        $neverUsed = array_fill_keys($view->neverUsed, true);

        return [
            'points' => $view->products->map(static fn(Product $product): array => [
                ...self::point($product->toCore()),
                'level' => PotLevel::of($product->pot->pots ?? 0, $product->pot->remaining_ml ?? 0.0, $product->volume_ml)->value,
                'remainingMl' => round($product->pot->remaining_ml ?? 0.0, 2),
                'neverUsed' => isset($neverUsed[$product->id]),
            ])->values()->all(),
            'gaps' => array_map(static fn(array $gap): array => self::gap(...$gap), $view->gaps),
            'twins' => array_map(static fn(array $twins): array => [
                'one' => $twins[0]->id,
                'other' => $twins[1]->id,
                'difference' => round($twins[2], 2),
            ], $view->twins),
            'needs' => array_map(self::point(...), $view->needs),
            'laid' => array_map(
                static fn(Paint $paint): array => [...self::point($paint), 'isNew' => in_array($paint->id, $view->new, true)],
                $view->laid,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function gap(ShelfGap $gap, ?Paint $filler): array
    {
        return [
            'words' => $gap->words,
            'hue' => $gap->hue,
            'value' => $gap->value,
            'hueReach' => round($gap->size * ShelfMap::HUE_STEP, 1),
            'valueReach' => round($gap->size * ShelfMap::VALUE_STEP, 1),
            'filler' => $filler === null ? null : PaintBrief::of($filler),
        ];
    }

    /** @return array<string, mixed> */
    private static function point(Paint $paint): array
    {
        return [...PaintBrief::of($paint), ...self::place($paint->colour())];
    }

    /** @return array<string, mixed> */
    private static function place(Lab $colour): array
    {
        $polar = $colour->toLch();

        return [
            'hue' => ShelfMap::isNeutral($colour) ? null : round($polar->hue, 1),
            'exactValue' => round($colour->lightness, 1),
            'lean' => round(Temperature::warmth($colour) / ShelfMap::NEUTRAL_CHROMA, 2),
        ];
    }
}
