<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ColourResource;
use App\Http\Resources\MeasuredResource;
use App\Models\Photo;
use App\Photos\PhotoReading;
use App\Photos\PhotoStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class PhotoController
{
    /** The picture itself as the request's body. */
    public function store(Request $request, PhotoStore $photos): JsonResponse
    {
        $photo = $photos->take($request->getContent());

        return new JsonResponse(['id' => $photo->id, 'width' => $photo->width, 'height' => $photo->height], 201);
    }

    public function show(string $id): Response
    {
        return new Response(
            Photo::query()->findOrFail($id)->png,
            200,
            ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=86400, immutable'],
        );
    }

    public function readings(Request $request, string $id): JsonResponse
    {
        $wish = $request->validate([
            'marks' => ['required', 'array', 'list', 'min:1', 'max:40'],
            'marks.*.what' => ['required', 'in:grey,swatch'],
            'marks.*.x' => ['required', 'numeric', 'between:0,1'],
            'marks.*.y' => ['required', 'numeric', 'between:0,1'],
            'marks.*.width' => ['required', 'numeric', 'between:0,1'],
            'marks.*.height' => ['required', 'numeric', 'between:0,1'],
        ], ['marks.required' => 'Mark the grey card and a swatch.']);

        $marks = array_map(static fn(array $mark): array => [
            'what' => (string) $mark['what'], 'x' => (float) $mark['x'], 'y' => (float) $mark['y'], 'width' => (float) $mark['width'],
            'height' => (float) $mark['height'],
        ], array_values($wish['marks']));

        return new JsonResponse(array_map(MeasuredResource::of(...), PhotoReading::of(Photo::query()->findOrFail($id), $marks)));
    }

    /** The colour of one place, as the picture shows it. */
    public function look(Request $request, string $id): JsonResponse
    {
        $at = $request->validate(['x' => ['required', 'numeric', 'between:0,1'], 'y' => ['required', 'numeric', 'between:0,1']]);

        return new JsonResponse(ColourResource::of(PhotoReading::lookAt(Photo::query()->findOrFail($id), (float) $at['x'], (float) $at['y'])));
    }

    public function destroy(string $id, PhotoStore $photos): JsonResponse
    {
        $photos->remove($id);

        return new JsonResponse(null, 204);
    }
}
