<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Mixing\Drops;
use Kalokroma\Recipe\Step;

/** What to count onto the palette, paint by paint and then the thinner. */
final class DropsResource
{
    /** @return list<array{name: string, hex: string|null, count: int}> */
    public static function of(Step $step): array
    {
        if ($step->mix === null) {
            return [];
        }
        $drops = Drops::of($step->mix, $step->dilution);
        $list = [];
        foreach ($step->mix->ingredients as $i => $ingredient) {
            $list[] = ['name' => $ingredient->paint->name, 'hex' => $ingredient->paint->swatch?->toSrgb()->hex(), 'count' => $drops->paints[$i]];
        }
        if ($drops->thinner > 0) {
            $list[] = ['name' => $step->dilution->with->value, 'hex' => null, 'count' => $drops->thinner];
        }

        return $list;
    }
}
