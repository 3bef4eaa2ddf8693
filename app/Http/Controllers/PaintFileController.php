<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PaintFileRequest;
use App\Shelf\PaintFiles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class PaintFileController
{
    public function __construct(private readonly PaintFiles $files) {}

    /** The text of a CSV file as the request's body. With ?preview=1 it only says what would change. */
    public function import(PaintFileRequest $request): JsonResponse
    {
        $change = $request->what() === 'shelf'
            ? $this->files->shelf($request->getContent(), ! $request->boolean('preview'))
            : $this->files->catalogue($request->getContent(), ! $request->boolean('preview'));

        return new JsonResponse($change);
    }

    public function export(PaintFileRequest $request): Response
    {
        $what = $request->what();

        return new Response($what === 'shelf' ? $this->files->shelfCsv() : $this->files->catalogueCsv(), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"kalokroma-$what.csv\"",
        ]);
    }
}
