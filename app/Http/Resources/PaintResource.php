<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Product;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Kalokroma\Matching\PotLevel;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Reading;

/** @property Product $resource */
final class PaintResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $paint = $this->resource;
        $pot = $paint->pot;
        $measured = $paint->measured();
        $colour = $paint->colour();
        $opacity = $measured->strength->share ?? $paint->opacity;

        return [
            'id' => $paint->id,
            'maker' => $paint->maker,
            'range' => $paint->range,
            'code' => $paint->code,
            'name' => $paint->name,
            'kind' => $paint->kind->value,
            'swatch' => $colour?->toSrgb()->hex(),
            'typed' => $paint->swatch,
            'lab' => $colour === null ? null : ColourResource::lab($colour),
            'value' => $paint->value === null ? null : (int) round($paint->value),
            'colour' => $paint->colour_words,
            'opacity' => round($opacity ?? Opacity::estimate($paint->kind, $colour, $paint->name)->share, 4),
            'opacityIsEstimate' => $opacity === null,
            'typedOpacity' => $paint->opacity,
            'measured' => $paint->measured,
            'known' => [
                'colour' => self::known($measured->colourBy),
                'opacity' => self::known($measured->strengthBy) ?? ($opacity === null ? 'estimated' : 'set by hand'),
            ],
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

    /** "measured from a photo (3)" */
    private static function known(?Reading $by): ?string
    {
        return $by === null ? null : sprintf('measured %s (%d)', $by->source->label(), $by->count);
    }
}
