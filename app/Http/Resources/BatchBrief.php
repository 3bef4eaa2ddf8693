<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Batches\Tallies;
use App\Models\Batch;
use App\Support\Changes;
use App\Support\Kept;
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
     * Kept until something is recorded or a batch changes: of a plan that was painted again and again it is most of what its page costs.
     *
     * @param Collection<int, Batch> $batches
     *
     * @return list<array<string, mixed>>
     */
    public static function ofAll(Collection $batches): array
    {
        if ($batches->isEmpty()) {
            return [];
        }

        return Kept::now()->of('briefs', [Changes::of('batches', 'log_entries'), ...$batches->modelKeys()], static function () use ($batches): array {
            $tallies = Tallies::of($batches);

            return array_values($batches->map(static fn(Batch $batch): array => self::of($batch, $tallies[$batch->id]))->all());
        });
    }
}
