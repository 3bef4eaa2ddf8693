<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use App\Models\Photo;
use App\Models\PinnedPhoto;
use App\Support\Refused;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Psr\Clock\ClockInterface;

/** Pins pictures to a step, an area, one model or a test piece of a batch. */
final readonly class PhotoPins
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * Pinning the same twice pins it once.
     *
     * @param array{id: string, photoId: string, stepId?: string|null, areaId?: string|null, variantId?: string|null, model?: int|null,
     *     note?: string|null} $pin
     *
     * @throws ValidationException when there is no such picture, step, area, test piece or model
     * @throws Refused when the id is another batch's
     */
    public function pin(string $batchId, array $pin): Batch
    {
        return DB::transaction(function () use ($batchId, $pin): Batch {
            $batch = Batch::query()->findOrFail($batchId);
            $known = PinnedPhoto::withTrashed()->find($pin['id']);
            if ($known !== null) {
                return $known->batch_id === $batch->id
                    ? $batch
                    : throw Refused::at('id', 'A picture of another batch has this id. Pin it under a new one.');
            }
            self::mustBeThere($batch, $pin);
            PinnedPhoto::query()->create([
                'id' => $pin['id'], 'photo_id' => $pin['photoId'], 'batch_id' => $batch->id, 'step_id' => $pin['stepId']
                    ?? null, 'area_id' => $pin['areaId']
                    ?? null,
                'variant_id' => $pin['variantId']
                    ?? null, 'model' => $pin['model']
                    ?? null, 'note' => $pin['note']
                    ?? '', 'taken_at' => $this->clock->now(),
            ]);

            return $batch;
        });
    }

    /**
     * @param array{id: string, photoId: string, stepId?: string|null, areaId?: string|null, variantId?: string|null, model?: int|null,
     *     note?: string|null} $pin
     *
     * @throws ValidationException
     */
    private static function mustBeThere(Batch $batch, array $pin): void
    {
        $plan = $batch->toCore();
        $area = isset($pin['areaId']) ? $plan->area($pin['areaId']) : null;
        match (true) {
            Photo::query()->whereKey($pin['photoId'])->doesntExist() => throw ValidationException::withMessages([
                'photoId' => 'This picture is not here any more. Take it in again.',
            ]),
            isset($pin['stepId'])
                && $plan->step($pin['stepId']) === null => throw ValidationException::withMessages([
                    'stepId' => 'This batch has no such step. Load the batch anew.',
                ]),
            isset($pin['areaId'])
                && $area === null => throw ValidationException::withMessages(['areaId' => 'This batch has no such area. Load the batch anew.']),
            isset($pin['variantId'])
                && ! array_any(
                    $area->variants ?? [],
                    static fn($one): bool => $one->id === $pin['variantId'],
                ) => throw ValidationException::withMessages(['variantId' => 'This area has no such test piece.']),
            ($pin['model'] ?? 1) > $batch->models => throw ValidationException::withMessages(['model' => "This batch has $batch->models models."]),
            default => null,
        };
    }
}
