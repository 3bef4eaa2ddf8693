<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\PhotoPins;
use App\Http\Requests\PlainTextRule;
use App\Http\Resources\BatchResource;
use App\Models\Batch;
use App\Models\PinnedPhoto;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Pictures pinned to what they show. They are taken in as all others: upright, made smaller, without place and time. */
final readonly class PinnedPhotoController
{
    public function __construct(private PhotoPins $pins) {}

    public function store(Request $request, string $id): JsonResponse
    {
        /**
         * @var array{id: string, photoId: string, stepId?: string|null, areaId?: string|null, variantId?: string|null, model?: int|null,
         *     note?: string|null} $wish
         */
        $wish = $request->validate([
            'id' => ['required', 'string', 'ulid'],
            'photoId' => ['required', 'string', 'max:40'],
            'stepId' => ['nullable', 'string', 'max:40'],
            'areaId' => ['nullable', 'string', 'max:40'],
            'variantId' => ['nullable', 'string', 'max:40'],
            'model' => ['nullable', 'integer:strict', 'between:1,'.Batch::MOST_MODELS],
            'note' => ['nullable', 'string', new PlainTextRule(500)],
        ]);

        return BatchController::answer($this->pins->pin($id, $wish))->response()->setStatusCode(201);
    }

    public function destroy(string $id): BatchResource
    {
        return DB::transaction(static fn(): BatchResource => BatchController::answer(PinnedPhoto::takeAway($id)->batch_id));
    }

    public function restore(string $id): BatchResource
    {
        return DB::transaction(static fn(): BatchResource => BatchController::answer(PinnedPhoto::bringBack($id)->batch_id));
    }
}
