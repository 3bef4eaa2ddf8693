<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\LogEntry;
use Illuminate\Support\Facades\Date;
use Kalokroma\Planning\Record;

final class LogEntryResource
{
    /** @return array<string, mixed> */
    public static function bare(LogEntry $entry): array
    {
        return [
            'id' => $entry->id,
            'batchId' => $entry->batch_id,
            'stepId' => $entry->step_id,
            'models' => $entry->models,
            'coat' => $entry->coat,
            'spent' => $entry->spent ?? [],
            'used' => $entry->used()->toArray(),
            'minutes' => $entry->minutes,
            'note' => $entry->note,
            'version' => $entry->version,
            'isUndone' => $entry->trashed(),
            'doneAt' => Date::instance($entry->done_at)->toIso8601ZuluString(),
        ];
    }

    /**
     * With the names of what it was done to, for the logbook.
     *
     * @param array<string, array<string, mixed>> $steps of its batch, as BatchSteps tells them
     *
     * @return array<string, mixed>
     */
    public static function told(LogEntry $entry, array $steps, Record $record): array
    {
        $step = $steps[$entry->step_id] ?? null;

        return [
            ...self::asNoted($entry),
            'onModels' => $record->modelsOf($entry->id),
            'areaName' => $step['areaName'] ?? 'A step since removed',
            'technique' => $step['label'] ?? '',
            'plannedCoats' => $step['coats'] ?? null,
            'colour' => $step['mix']['colour'] ?? null,
            'look' => $step['look'] ?? null,
            'fault' => null,
        ];
    }

    /**
     * As it was noted, of a batch whose plan says nothing any more.
     *
     * @return array<string, mixed>
     */
    public static function untold(LogEntry $entry, string $fault): array
    {
        return [
            ...self::asNoted($entry), 'onModels' => [], 'areaName' => 'A step', 'technique' => '', 'plannedCoats' => null, 'colour' => null,
            'look' => null, 'fault' => $fault,
        ];
    }

    /** @return array<string, mixed> what is known without its plan */
    private static function asNoted(LogEntry $entry): array
    {
        $used = $entry->used();

        return [
            ...self::bare($entry),
            'batchName' => $entry->batch->name ?? '',
            'batchModels' => $entry->batch->models ?? 0,
            'brush' => $entry->brush?->name,
            'mixWords' => $used->mixWords(),
            'dilution' => $used->dilution->words(),
        ];
    }
}
