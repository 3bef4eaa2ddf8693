<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\Bench;
use App\Evenings\Agenda;
use App\Http\Resources\BenchResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What now. */
final class BenchController
{
    public function __invoke(Request $request, ClockInterface $clock): JsonResponse
    {
        return new JsonResponse(BenchResource::of(Bench::asItIs(), Agenda::from($clock->now()), $request));
    }
}
