<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\File;

/** The one page; everything on it comes through the API. */
final class PageController
{
    public function __invoke(): Response
    {
        $manifest = public_path('build/.vite/manifest.json');
        if (! File::exists($manifest)) {
            return new Response('The front end is not built yet. Run bin/start, or npm run build.', 503, ['Content-Type' => 'text/plain']);
        }
        /** @var array<string, array{file: string, css?: list<string>}> $entries */
        $entries = File::json($manifest);

        return new Response(view('page', ['entry' => $entries['resources/js/main.ts']])->render(), 200, [
            'Content-Security-Policy'
                => "default-src 'self'; img-src 'self' data: blob:; object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'",
            'Cache-Control' => 'no-cache',
        ]);
    }
}
