<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\LogEntry;
use Illuminate\Support\Facades\Date;
use Kalokroma\Planning\Record;
use Kalokroma\Planning\Rehearsal;

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
     * @return array<string, mixed>
     */
    public static function told(LogEntry $entry, Rehearsal $rehearsal, Record $record): array
    {
        $plan = $rehearsal->plan;
        $area = $plan->find($entry->step_id)[0] ?? null;
        $step = $plan->step($entry->step_id);
        $stage = $rehearsal->stage($entry->step_id);

        return [
            ...self::asNoted($entry),
            'onModels' => $record->modelsOf($entry->id),
            'areaName' => $area->name ?? ($step === null ? 'A step since removed' : 'Whole model'),
            'technique' => $step?->technique->label ?? '',
            'plannedCoats' => $step?->coats,
            'colour' => MixResource::maybe($step?->mix)['colour'] ?? null,
            'look' => $stage === null ? null : StripResource::look($stage->look),
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
        return [...self::asNoted($entry), 'onModels' => [], 'areaName' => 'A step', 'technique' => '', 'plannedCoats' => null, 'colour' => null, 'look' => null, 'fault' => $fault];
    }

    /** @return array<string, mixed> what is known without its plan */
    private static function asNoted(LogEntry $entry): array
    {
        $used = $entry->used();

        return [
            ...self::bare($entry),
            'batchName' => $entry->batch->name ?? '',
            'batchModels' => $entry->batch->models ?? 0,
            'mixWords' => $used->mixWords(),
            'dilution' => $used->dilution->words(),
        ];
    }
}
