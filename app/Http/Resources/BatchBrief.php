<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Batches\Tallies;
use App\Models\Batch;
use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Planning\Tally;

final class BatchBrief
{
    /** @return array<string, mixed> */
    public static function of(Batch $batch, Tally $tally): array
    {
        return [
            'id' => $batch->id,
            'planId' => $batch->plan_id,
            'name' => $batch->name,
            'models' => $batch->models,
            'startsOn' => $batch->starts_on->toDateString(),
            'version' => $batch->version,
            'passes' => $tally->passes(),
            'passesDone' => $tally->passesDone(),
            'share' => round($tally->share(), 4),
            'isBegun' => $tally->isBegun(),
            'isFinished' => $tally->isFinished(),
        ];
    }

    /**
     * @param Collection<int, Batch> $batches
     *
     * @return list<array<string, mixed>>
     */
    public static function ofAll(Collection $batches): array
    {
        $tallies = Tallies::of($batches);

        return array_values($batches->map(static fn(Batch $batch): array => self::of($batch, $tallies[$batch->id]))->all());
    }
}
