<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\PaintResource;
use App\Models\PaintSet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class SetController
{
    public function __invoke(Request $request): JsonResponse
    {
        $sets = PaintSet::query()->with('products.pot')->orderBy('maker')->orderBy('name')->get();

        return new JsonResponse($sets->map(static fn(PaintSet $set): array => [
            'id' => $set->id,
            'maker' => $set->maker,
            'code' => $set->code,
            'name' => $set->name,
            'price' => $set->price,
            'paints' => PaintResource::collection($set->products)->resolve($request),
        ])->all());
    }
}
