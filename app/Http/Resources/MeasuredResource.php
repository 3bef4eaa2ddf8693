<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Colour\Readings;

/** A measured colour and how sure it is. */
final class MeasuredResource
{
    /** @return array<string, mixed> */
    public static function of(Readings $readings): array
    {
        return [
            'colour' => ColourResource::of($readings->colour),
            'lab' => ColourResource::lab($readings->colour),
            'numbers' => ColourResource::numbers($readings->colour),
            'kept' => $readings->kept,
            'dropped' => $readings->dropped,
            'spread' => round($readings->spread, 2),
            'uncertainty' => round($readings->uncertainty, 2),
        ];
    }
}
