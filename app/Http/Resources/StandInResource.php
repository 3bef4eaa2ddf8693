<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Matching\Substitute;
use Kalokroma\Mixing\Ingredient;

/** What can be used instead, and what taking it changes in a step. */
final class StandInResource
{
    /** @return array<string, mixed> */
    public static function of(Substitute $substitute): array
    {
        return [
            'way' => $substitute->way->value,
            'mix' => MixResource::of($substitute->mix),
            'dilution' => $substitute->dilution?->words(),
            'colour' => ColourResource::of($substitute->colour),
            'difference' => round($substitute->difference->number, 2),
            'words' => $substitute->difference->words(),
            'reason' => $substitute->reason(),
            'changes' => [
                'mix' => array_map(static fn(Ingredient $one): array => ['paint' => $one->paint->id, 'parts' => $one->parts], $substitute->mix->ingredients),
                ...($substitute->dilution === null ? [] : ['dilution' => [
                    'paint' => $substitute->dilution->paint,
                    'thinner' => $substitute->dilution->thinner,
                    'with' => $substitute->dilution->with->value,
                ]]),
            ],
        ];
    }
}
