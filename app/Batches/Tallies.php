<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Support\Kept;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Planning\Done;
use Kalokroma\Planning\Outline;
use Kalokroma\Planning\Record;
use Kalokroma\Planning\Tally;

/** How far batches are, without reading their plans each time: their outlines follow from document and squad, and are kept beside them. */
final class Tallies
{
    /**
     * @param Collection<int, Batch> $batches
     *
     * @return array<string, Tally> by batch id
     */
    public static function of(Collection $batches): array
    {
        $done = [];
        foreach (DB::table('log_entries')
            ->whereIn('batch_id', $batches->modelKeys())
            ->whereNull('deleted_at')
            ->orderBy('done_at')
            ->orderBy('id')
            ->get(['batch_id', ...Batch::DONE]) as $row) {
            $done[$row->batch_id][] = Batch::doneOf($row);
        }
        $tallies = [];
        foreach ($batches as $batch) {
            $tallies[$batch->id] = self::tally($batch, $done[$batch->id] ?? []);
        }

        return $tallies;
    }

    /** @param list<Done> $done what was recorded of it */
    public static function tally(Batch $batch, array $done): Tally
    {
        $outline = self::outline($batch);

        return new Tally($outline, Record::of($outline, $done), $batch->skipped ?? []);
    }

    /** In short; without passes when the plan of the batch cannot be read any more. */
    private static function outline(Batch $batch): Outline
    {
        try {
            return Outline::kept(
                Kept::now()->of('outline', [$batch->standing()], static fn(): array => Outline::of($batch->painted())->toKeep()),
                $batch->models,
            );
        } catch (Faulty) {
            return Outline::kept([], $batch->models);
        }
    }
}
