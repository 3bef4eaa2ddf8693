<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\LogEntry;
use App\Models\OwnedBrush;
use App\Support\StaleWrite;
use Illuminate\Support\Facades\DB;

/**
 * The brushes that are owned.
 *
 * @phpstan-type Told array{name: string, kind: string, keepsMetal: bool, isWorn: bool}
 */
final class BrushRack
{
    /** @param Told $told */
    public static function add(array $told): OwnedBrush
    {
        return DB::transaction(static fn(): OwnedBrush => OwnedBrush::query()->create(self::row($told)));
    }

    /**
     * @param Told $told
     *
     * @throws StaleWrite when it was changed elsewhere
     */
    public static function change(string $id, array $told, int $version): OwnedBrush
    {
        return DB::transaction(static function () use ($id, $told, $version): OwnedBrush {
            $brush = OwnedBrush::query()->findOrFail($id);
            StaleWrite::unlessCurrent('This brush', $version, $brush->version);
            $brush->update([...self::row($told), 'version' => $version + 1]);

            return $brush;
        });
    }

    /** Whether the last that was recorded with it was metal paint; null when nothing was. */
    public static function wasInMetal(OwnedBrush $brush): ?bool
    {
        $last = LogEntry::query()->where('brush_id', $brush->id)->orderByDesc('done_at')->orderByDesc('id')->first();

        return $last === null ? null : Batch::withTrashed()->find($last->batch_id)?->painted()->plan->step($last->step_id)?->mix?->isMetal();
    }

    /**
     * @param Told $told
     *
     * @return array<string, mixed>
     */
    private static function row(array $told): array
    {
        return ['name' => $told['name'], 'kind' => $told['kind'], 'keeps_metal' => $told['keepsMetal'], 'is_worn' => $told['isWorn']];
    }
}
