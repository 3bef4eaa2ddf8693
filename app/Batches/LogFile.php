<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\LogEntry;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Kalokroma\Exchange\CsvTable;

/** The logbook as a file in an open format, oldest first. */
final class LogFile
{
    private const COLUMNS = ['done_at', 'batch', 'batch_models', 'area', 'technique', 'coat', 'models', 'planned_coats', 'coats', 'mix', 'thinned', 'minutes', 'note'];

    /** @param string|null $batchId null: of all batches */
    public static function csv(?string $batchId): string
    {
        return CsvTable::write(self::COLUMNS, (static function () use ($batchId) {
            foreach (self::told($batchId) as $batch) {
                foreach ($batch['entries'] as $one) {
                    yield [$one['doneAt'], $batch['name'], $batch['models'], $one['area'], $one['technique'], $one['coat'], $one['models'], $one['plannedCoats'], $one['used']['coats'], $one['mix'], $one['thinned'], $one['minutes'], $one['note']];
                }
            }
        })());
    }

    /** @param string|null $batchId null: of all batches */
    public static function json(?string $batchId): string
    {
        return json_encode(['format' => 'kalokroma-log', 'version' => 1, 'batches' => self::told($batchId)], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return list<array{id: string, name: string, models: int, startsOn: string, plan: array<string, mixed>, entries: list<array<string, mixed>>}> */
    private static function told(?string $batchId): array
    {
        /** @var Collection<int, Batch> $batches */
        $batches = Batch::query()->when($batchId !== null, static fn($query) => $query->whereKey($batchId))->with('entries')->orderBy('starts_on')->orderBy('id')->get();

        return array_values($batches->map(static function (Batch $batch): array {
            $plan = $batch->toCore();

            return [
                'id' => $batch->id,
                'name' => $batch->name,
                'models' => $batch->models,
                'startsOn' => $batch->starts_on->toDateString(),
                'plan' => $batch->document,
                'entries' => array_values($batch->entries->sortBy(['done_at', 'id'])->map(static function (LogEntry $entry) use ($plan): array {
                    $step = $plan->step($entry->step_id);

                    return [
                        'id' => $entry->id,
                        'doneAt' => Date::instance($entry->done_at)->toIso8601ZuluString(),
                        'step' => $entry->step_id,
                        'area' => $plan->find($entry->step_id)[0]->name ?? ($step === null ? '' : 'Whole model'),
                        'technique' => $step?->technique->id ?? '',
                        'coat' => $entry->coat,
                        'models' => $entry->models,
                        'plannedCoats' => $step?->coats,
                        'used' => $entry->used()->toArray(),
                        'mix' => $entry->used()->mixWords(),
                        'thinned' => $entry->used()->dilution->words(),
                        'minutes' => $entry->minutes,
                        'note' => $entry->note,
                    ];
                })->all()),
            ];
        })->all());
    }
}
