<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\LessonResource;
use App\Learning\LogLessons;
use App\Learning\Taught;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the logbook teaches, beside what is reckoned with: to be used, or forgotten again. */
final class LessonController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(LessonResource::all(LogLessons::asItIs()));
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $wish = $request->validate(['use' => ['required', 'boolean']]);
        Taught::settle($id, (bool) $wish['use']);

        return $this->index();
    }
}
