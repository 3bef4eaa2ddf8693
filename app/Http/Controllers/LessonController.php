<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\LessonResource;
use App\Learning\LogLessons;
use App\Learning\Readings;
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

    /** One reading counts no more, or again. */
    public function strike(Request $request, string $kind, string $id): JsonResponse
    {
        $wish = $request->validate(['struck' => ['required', 'boolean']]);
        Readings::strike($kind, $id, (bool) $wish['struck']);

        return $this->index();
    }
}
