<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\LogEntry;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Support\Facades\Date;
use Kalokroma\Exchange\CsvTable;
use Kalokroma\Exchange\Faulty;

/** The logbook as a file in an open format, oldest first. */
final class LogFile
{
    private const AT_ONCE = 10;

    private const COLUMNS = [
        'done_at', 'batch', 'batch_models', 'area', 'technique', 'coat', 'models', 'planned_coats', 'coats', 'mix', 'thinned', 'minutes',
        'note',
    ];

    /**
     * @param string|null $batchId null: of all batches
     *
     * @return iterable<string> piece by piece
     */
    public static function csv(?string $batchId): iterable
    {
        yield CsvTable::write(self::COLUMNS, []);
        foreach (self::batches($batchId) as $batch) {
            yield CsvTable::rows(array_map(static fn(array $one): array => [
                $one['doneAt'], $batch->name, $batch->models, $one['area'], $one['technique'], $one['coat'], $one['models'],
                $one['plannedCoats'], $one['used']['coats'], $one['mix'], $one['thinned'], $one['minutes'], $one['note'],
            ], self::entries($batch)));
        }
    }

    /**
     * @param string|null $batchId null: of all batches
     *
     * @return iterable<string> piece by piece
     */
    public static function json(?string $batchId): iterable
    {
        $written = static fn(mixed $one): string => json_encode(
            $one,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
        yield "{\n    \"format\": \"kalokroma-log\",\n    \"version\": 1,\n    \"batches\": [";
        $between = "\n";
        foreach (self::batches($batchId) as $batch) {
            $told = $written([
                'id' => $batch->id,
                'name' => $batch->name,
                'models' => $batch->models,
                'startsOn' => $batch->starts_on->toDateString(),
                'plan' => $batch->document,
                'entries' => self::entries($batch),
            ]);
            yield $between.preg_replace('/^/m', '        ', $told);
            $between = ",\n";
        }
        yield "\n    ]\n}\n";
    }

    /**
     * A few at a time, whatever their number.
     *
     * @return iterable<Batch>
     */
    private static function batches(?string $batchId): iterable
    {
        return Batch::query()
            ->when($batchId !== null, static fn($query) => $query->whereKey($batchId))
            ->with(['entries' => static fn(Relation $entries): Builder => $entries->getQuery()->orderBy('done_at')->orderBy('id')])
            ->orderBy('starts_on')
            ->orderBy('id')
            ->lazy(self::AT_ONCE);
    }

    /** @return list<array<string, mixed>> oldest first */
    private static function entries(Batch $batch): array
    {
        try {
            $plan = $batch->toCore();
        } catch (Faulty) {
            // What was noted is still worth having.
            $plan = null;
        }

        // Many lines tell of one step.
        $known = [];
        $told = static function (string $id) use ($plan): array {
            $step = $plan?->step($id);

            return [$step, $plan?->find($id)[0]->name ?? ($step === null ? '' : 'Whole model')];
        };

        return array_values($batch->entries->map(static function (LogEntry $entry) use ($told, &$known): array {
            [$step, $area] = $known[$entry->step_id] ??= $told($entry->step_id);

            return [
                'id' => $entry->id,
                'doneAt' => Date::instance($entry->done_at)->toIso8601ZuluString(),
                'step' => $entry->step_id,
                'area' => $area,
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
        })->all());
    }
}
