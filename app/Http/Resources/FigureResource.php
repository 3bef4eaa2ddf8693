<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Figures\FigureWork;
use App\Models\Figure;
use Kalokroma\Relief\Measure;

/** A figure without its sculpt: what is worked out of it so far, and where the rest of it can be had. */
final class FigureResource
{
    /** @return array<string, mixed> */
    public static function of(Figure $figure, ?FigureWork $work = null): array
    {
        $work ??= FigureWork::on($figure);

        return [
            'id' => $figure->id,
            'plan' => $figure->plan_id,
            'name' => $figure->name,
            'version' => $figure->version,
            'vertices' => $figure->vertex_count,
            'triangles' => $figure->triangle_count,
            'heightMm' => round($figure->height_mm, 2),
            'areas' => $figure->areas,
            'isPicture' => $figure->isPicture(),
            'cautions' => $figure->cautions ?? [],
            'isWorkedOut' => $work->isDone(),
            'workedOut' => round($work->share(), 3),
            'reliefKey' => $work->key(),
        ];
    }

    /**
     * @param list<Measure> $measures
     *
     * @return list<array<string, mixed>>
     */
    public static function measures(array $measures): array
    {
        return array_map(static fn(Measure $one): array => [
            'area' => $one->area,
            'cm2' => round($one->mm2 / 100, 2),
            'share' => round($one->share, 4),
            'size' => $one->size()->value,
            'zones' => array_map(static fn(float $share): float => round($share, 3), $one->zones),
            'fromMm' => round($one->lowestMm, 1),
            'toMm' => round($one->highestMm, 1),
            'height' => round($one->height, 2),
            'facing' => $one->facing->value,
            'hidden' => round($one->hidden, 3),
            'touches' => $one->touches(),
        ], $measures);
    }
}
