<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\KeptMixRequest;
use App\Http\Resources\MixResource;
use App\Models\KeptMix;
use App\Models\ProductPaints;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Mixes that were found and kept by name. */
final class KeptMixController
{
    public function index(): JsonResponse
    {
        $mixes = KeptMix::query()->orderBy('name')->orderBy('id')->get();
        $paints = ProductPaints::forDocument($mixes->pluck('parts')->all());

        return new JsonResponse($mixes->map(static function (KeptMix $kept) use ($paints): array {
            $mix = $kept->toCore($paints);

            return ['id' => $kept->id, 'name' => $kept->name, 'parts' => $kept->parts, 'mix' => $mix === null ? null : MixResource::of($mix)];
        })->all());
    }

    public function store(KeptMixRequest $request): JsonResponse
    {
        $kept = DB::transaction(static fn(): KeptMix => KeptMix::query()->create([
            'name' => $request->string('name')->trim()->value(),
            'parts' => $request->parts(),
        ]));

        return new JsonResponse(['id' => $kept->id, 'name' => $kept->name], 201);
    }

    public function destroy(string $id): JsonResponse
    {
        KeptMix::takeAway($id);

        return new JsonResponse(null, 204);
    }

    public function restore(string $id): JsonResponse
    {
        $kept = KeptMix::bringBack($id);

        return new JsonResponse(['id' => $kept->id, 'name' => $kept->name]);
    }
}
