<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Matching\Shelf;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Writing\UndercoatCandidate;

/** An undercoat with what speaks for it and against it. */
final class UndercoatResource
{
    /** @return array<string, mixed> */
    public static function of(UndercoatCandidate $one, Plan $plan, Shelf $shelf): array
    {
        $looks = $one->looks($plan);
        $brief = static fn(?Paint $paint): ?array => $paint === null ? null : PaintBrief::of($paint);

        return [
            'words' => $one->undercoat->words(),
            'base' => $brief($one->undercoat->base),
            'light' => $brief($one->undercoat->light),
            'below' => $brief($one->undercoat->below),
            'coneDegrees' => $one->undercoat->cone->halfAngleDegrees,
            'score' => $one->score,
            'reasons' => $one->reasons,
            'areas' => array_map(
                static fn(Area $area): array => [
                    'id' => $area->id,
                    'name' => $area->name,
                    'coats' => $one->coats[$area->id] ?? null,
                    'texture' => $area->texture->value,
                    'look' => StripResource::look($looks[$area->id]),
                ],
                $plan->areas,
            ),
            'minutes' => $one->minutes,
            'missing' => array_column($shelf->missing($one->undercoat->paints()), 'name'),
        ];
    }
}
