<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\DryLook;
use App\Evenings\Desk;
use App\Http\Resources\ClockResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What dries. The clocks follow from what was recorded, so they go on through any reload or restart. */
final readonly class ClockController
{
    public function __construct(private ClockInterface $clock) {}

    public function index(): JsonResponse
    {
        $now = $this->clock->now();

        return new JsonResponse(['now' => $now->format('Y-m-d\TH:i:sP'), 'clocks' => ClockResource::all(Desk::asItIs(), $now)]);
    }

    /** The painter has touched it: it is dry, or was. */
    public function store(Request $request, DryLook $look): JsonResponse
    {
        $wish = $request->validate([
            'id' => ['required', 'string', 'ulid'],
            'batchId' => ['required', 'string', 'max:40'],
            'stepId' => ['required', 'string', 'max:40'],
            'minutes' => ['nullable', 'integer:strict', 'between:1,10080'],
        ]);
        $look->isDry($wish['id'], $wish['batchId'], $wish['stepId'], $wish['minutes'] ?? null);

        return $this->index()->setStatusCode(201);
    }
}
