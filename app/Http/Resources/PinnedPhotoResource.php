<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Batch;
use App\Models\PinnedPhoto;
use Illuminate\Support\Facades\Date;
use Kalokroma\Recipe\Plan;

/** Pictures of a batch, with what they show. */
final class PinnedPhotoResource
{
    /** @return list<array<string, mixed>> */
    public static function of(Batch $batch, Plan $plan): array
    {
        $pinned = PinnedPhoto::query()->where('batch_id', $batch->id)->orderBy('taken_at')->get();

        return array_values($pinned->map(static fn(PinnedPhoto $one): array => [
            'id' => $one->id,
            'photoId' => $one->photo_id,
            'stepId' => $one->step_id,
            'areaId' => $one->area_id ?? ($one->step_id === null ? null : $plan->find($one->step_id)[0]->id ?? null),
            'variantId' => $one->variant_id,
            'model' => $one->model,
            'note' => $one->note,
            'isOfUndercoat' => $one->step_id !== null && $plan->isOfUndercoat($one->step_id),
            'takenAt' => Date::instance($one->taken_at)->toIso8601ZuluString(),
        ])->all());
    }
}
