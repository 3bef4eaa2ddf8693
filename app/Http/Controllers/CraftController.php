<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\CraftResource;
use Illuminate\Http\JsonResponse;

/** The words and tables of the craft that forms are made of. */
final class CraftController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(CraftResource::all());
    }
}
