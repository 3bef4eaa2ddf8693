<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Figures\ReliefWork;
use App\Models\Figure;

/** A figure without its sculpt: what is worked out of it so far, and where the rest of it can be had. */
final class FigureResource
{
    /** @return array<string, mixed> */
    public static function of(Figure $figure): array
    {
        $work = ReliefWork::of($figure);

        return [
            'id' => $figure->id,
            'plan' => $figure->plan_id,
            'name' => $figure->name,
            'version' => $figure->version,
            'vertices' => $figure->vertex_count,
            'triangles' => $figure->triangle_count,
            'heightMm' => round($figure->height_mm, 2),
            'areas' => $figure->areas,
            'isWorkedOut' => $work->isDone(),
            'workedOut' => round($work->share(), 3),
            'reliefKey' => $work->key(),
        ];
    }
}
