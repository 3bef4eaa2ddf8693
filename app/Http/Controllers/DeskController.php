<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desks\Desks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Which of the two desks is open: the one with the demo, or the painter's own. */
final class DeskController
{
    public function __invoke(Request $request, Desks $desks): JsonResponse
    {
        $request->validate(['demo' => ['required', 'boolean:strict']], ['demo.required' => 'Say which desk: demo true, or false for your own.']);
        $desks->open($request->boolean('demo'));

        return new JsonResponse(null, 204);
    }
}
