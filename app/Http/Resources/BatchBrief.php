<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Batches\Progress;
use App\Models\Batch;

final class BatchBrief
{
    /** @return array<string, mixed> */
    public static function of(Batch $batch, Progress $progress): array
    {
        return [
            'id' => $batch->id,
            'planId' => $batch->plan_id,
            'name' => $batch->name,
            'models' => $batch->models,
            'startsOn' => $batch->starts_on->toDateString(),
            'version' => $batch->version,
            'passes' => count($progress->passes),
            'passesDone' => $progress->passesDone(),
            'share' => round($progress->share(), 4),
            'isBegun' => $progress->done !== [],
            'isFinished' => $progress->passes !== [] && $progress->next() === null,
        ];
    }
}
