<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PaintExportRequest;
use App\Http\Requests\PaintFileRequest;
use App\Shelf\PaintFiles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class PaintFileController
{
    public function __construct(private readonly PaintFiles $files) {}

    /**
     * The text of a file as the request's body. With ?preview=1 it only says what would change; with from and count it takes only some of
     * its rows.
     */
    public function import(PaintFileRequest $request): JsonResponse
    {
        $take = ! $request->boolean('preview');
        $portion = $request->portion();

        return new JsonResponse(match ($request->what()) {
            'shelf' => $this->files->shelf($request->getContent(), $take, $portion),
            'palette' => $this->files->palette($request->getContent(), $take, $portion),
            default => $this->files->catalogue($request->getContent(), $take, $portion),
        });
    }

    public function export(PaintExportRequest $request): Response
    {
        $what = $request->what();

        return $request->isGpl()
            ? self::file($this->files->gpl("Kalokroma $what", $request->products()), "kalokroma-$what.gpl", 'text/plain')
            : self::file(
                $what === 'shelf' ? $this->files->shelfCsv() : $this->files->catalogueCsv($request->products()),
                "kalokroma-$what.csv",
                'text/csv',
            );
    }

    private static function file(string $text, string $name, string $type): Response
    {
        return new Response($text, 200, ['Content-Type' => "$type; charset=utf-8", 'Content-Disposition' => "attachment; filename=\"$name\""]);
    }
}
