<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\Bench;
use App\Http\Resources\BenchResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What now. */
final class BenchController
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(BenchResource::of(Bench::asItIs(), $request));
    }
}
