<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;

/** A mix with its colour, as parts and in words. */
final class MixResource
{
    /** @return array<string, mixed>|null null when there is none, or only a fluid without colour */
    public static function maybe(?Mix $mix): ?array
    {
        return $mix === null || $mix->isClear() ? null : self::of($mix);
    }

    /** @return array<string, mixed> */
    public static function of(Mix $mix): array
    {
        return [
            'words' => $mix->words(),
            'ratio' => $mix->ratio(),
            'opacity' => round($mix->opacity(), 3),
            'isTransparent' => $mix->isTransparent(),
            'colour' => ColourResource::of($mix->colour()),
            'parts' => array_map(static fn(Ingredient $one): array => [
                'paint' => $one->paint->id,
                'name' => $one->paint->name,
                'kind' => $one->paint->kind->value,
                'parts' => $one->parts,
                'colour' => ColourResource::of($one->paint->colour()),
            ], $mix->ingredients),
        ];
    }
}
