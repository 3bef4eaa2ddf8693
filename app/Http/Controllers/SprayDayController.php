<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Outside;
use App\Http\Resources\SprayDayResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Craft\SprayMethod;
use Psr\Clock\ClockInterface;

/** Whether one can prime outside: now, in the hours to come, or another way. */
final class SprayDayController
{
    public function __invoke(Request $request, ClockInterface $clock): JsonResponse
    {
        $wish = $request->validate(
            ['method' => ['required', 'string', Rule::enum(SprayMethod::class)]],
            ['method' => 'Choose among the ways that are offered.'],
        );
        $now = $clock->now();

        return new JsonResponse(SprayDayResource::of(Outside::at($now), SprayMethod::from($wish['method']), $now));
    }
}
