<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Plans\SchemeView;
use Kalokroma\Quilt\Harmony;
use Kalokroma\Quilt\KeyArea;
use Kalokroma\Quilt\Shift;

/** A scheme as a whole. */
final class SchemeResource
{
    /**
     * @param string|null $areaId of the area that is looked at closer
     *
     * @return array<string, mixed>
     */
    public static function of(SchemeView $scheme, ?string $areaId): array
    {
        $balance = $scheme->balance;
        $area = $areaId === null ? null : $scheme->area($areaId);

        return [
            'words' => $balance->words(),
            'values' => array_map(static fn(array $one): array => [
                'area' => $one['area']->id, 'name' => $one['area']->name, 'mean' => ColourResource::of($one['mean']),
                'low' => (int) round($one['low']), 'high' => (int) round($one['high']),
            ], array_values($balance->values)),
            'temperatures' => array_map(static fn(float $share): float => round($share, 3), $balance->temperatures),
            'keys' => array_map(
                static fn(KeyArea $one): array => [
                    'area' => $one->area->id,
                    'name' => $one->area->name,
                    'why' => $one->why,
                    'isSolved' => $one->isSolved,
                    'words' => $one->words,
                ],
                $scheme->keyAreas(),
            ),
            'shifts' => $area === null ? [] : array_map(self::shift(...), $scheme->shifts($area)),
            'harmonies' => $area === null ? [] : array_map(self::harmony(...), $scheme->harmonies($area)),
        ];
    }

    /** @return array<string, mixed> */
    private static function shift(Shift $shift): array
    {
        return [
            'words' => $shift->words,
            'by' => round($shift->by, 1),
            'aim' => ColourResource::of($shift->aim),
            'look' => StripResource::look($shift->look),
        ];
    }

    /** @return array<string, mixed> */
    private static function harmony(Harmony $one): array
    {
        return [
            'name' => $one->name,
            'says' => $one->says,
            'ideal' => ColourResource::of($one->ideal),
            'paints' => array_map(PaintBrief::of(...), $one->paints),
        ];
    }
}
