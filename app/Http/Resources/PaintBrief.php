<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Paint\Paint;

/** A paint as far as it takes to name and draw it. */
final class PaintBrief
{
    /** @return array<string, mixed> */
    public static function of(Paint $paint): array
    {
        return [
            'id' => $paint->id,
            'maker' => $paint->maker,
            'code' => $paint->code,
            'name' => $paint->name,
            'kind' => $paint->kind->value,
            'colour' => $paint->isClear() ? null : ColourResource::of($paint->colour()),
        ];
    }
}
