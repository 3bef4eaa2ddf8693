<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\MapResource;
use App\Map\MapView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class MapController
{
    public function __invoke(Request $request): JsonResponse
    {
        $wish = $request->validate(['plan' => ['nullable', 'string', 'max:40'], 'set' => ['nullable', 'string', 'max:40']]);

        return new JsonResponse(MapResource::of(MapView::of($wish['plan'] ?? null, $wish['set'] ?? null)));
    }
}
