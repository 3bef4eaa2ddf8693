<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Product;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Kalokroma\Colour\Srgb;
use Kalokroma\Matching\PotLevel;
use Kalokroma\Paint\Opacity;

/** @property Product $resource */
final class PaintResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $paint = $this->resource;
        $pot = $paint->pot;
        $estimate = $paint->opacity === null;

        return [
            'id' => $paint->id,
            'maker' => $paint->maker,
            'range' => $paint->range,
            'code' => $paint->code,
            'name' => $paint->name,
            'kind' => $paint->kind->value,
            'swatch' => $paint->swatch,
            'value' => $paint->value === null ? null : (int) round($paint->value),
            'colour' => $paint->colour_words,
            'opacity' => round($paint->opacity ?? Opacity::estimate($paint->kind, $paint->swatch === null ? null : Srgb::parse($paint->swatch)->toLab())->share, 3),
            'opacityIsEstimate' => $estimate,
            'finish' => $paint->finish->value,
            'volumeMl' => $paint->volume_ml,
            'price' => $paint->price,
            'barcode' => $paint->barcode,
            'version' => $paint->version,
            'pot' => [
                'pots' => $pot->pots ?? 0,
                'remainingMl' => round($pot->remaining_ml ?? 0.0, 2),
                'level' => PotLevel::of($pot->pots ?? 0, $pot->remaining_ml ?? 0.0, $paint->volume_ml)->value,
                'note' => $pot->note ?? '',
                'wished' => $pot->wished ?? false,
                'version' => $pot->version ?? 0,
            ],
        ];
    }
}
