<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Batches\Tallies;
use App\Models\Batch;
use App\Models\LogEntry;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Planning\Record;
use LogicException;
use Throwable;

/** Tells entries of the logbook, each batch gone through once. An entry that cannot be told is shown as it was noted, and takes no other down. */
final class ToldBatches
{
    /** @var array<string, array{array<string, array<string, mixed>>, Record}|Faulty> steps and record by batch id */
    private array $batches = [];

    /** @return array<string, mixed> */
    public function tell(LogEntry $entry): array
    {
        try {
            $batch = $entry->batch ?? throw new LogicException('A log entry without a batch.');
            $known = $this->batches[$batch->id] ??= self::rehearsed($batch);

            return $known instanceof Faulty
                ? LogEntryResource::untold(
                    $entry,
                    "The plan of this batch cannot be read any more: {$known->faults[0]->field}: {$known->faults[0]->message}",
                )
                : LogEntryResource::told($entry, ...$known);
        } catch (Throwable $error) {
            report($error);

            return LogEntryResource::untold($entry, 'What it looked like cannot be told. What was noted is here.');
        }
    }

    /** @return array{array<string, array<string, mixed>>, Record}|Faulty */
    private static function rehearsed(Batch $batch): array|Faulty
    {
        try {
            $steps = BatchSteps::of($batch);
        } catch (Faulty $faulty) {
            return $faulty;
        }

        return [$steps, Tallies::tally($batch, $batch->done())->record];
    }
}
