<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\MusterResource;
use App\Models\Plan;
use App\Plans\MusterView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** All plans beside each other. */
final class MusterController
{
    private const MOST = 40;

    public function __invoke(Request $request): JsonResponse
    {
        $wish = $request->validate(['without' => ['sometimes', 'array', 'list', 'max:200'], 'without.*' => ['string', 'max:40']]);
        $plans = Plan::query()->orderBy('name')->orderBy('id')->limit(self::MOST)->get();

        return new JsonResponse(MusterResource::of(MusterView::of($plans, $wish['without'] ?? [])));
    }
}
