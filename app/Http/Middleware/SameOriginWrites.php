<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use App\Photos\PhotoStore;
use App\Support\SoundJson;
use Closure;
use Illuminate\Http\Request;
use JsonException;
use Symfony\Component\HttpFoundation\Response;

/**
 * The application has no log-in: it trusts whoever sits at the machine, but not the other pages open in that browser.
 * A write must come from our own page, and JSON must be JSON.
 */
final class SameOriginWrites
{
    /** Enough for a plan of sixty areas with forty steps each; read in full it takes a hundred times as much memory. */
    private const LARGEST_JSON_BYTES = 1024 * 1024;

    /** Enough for a catalogue of twenty thousand paints. */
    private const LARGEST_FILE_BYTES = 4 * 1024 * 1024;

    private const PHOTOS = 'api/photos';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $largest = match (true) {
            $request->isJson() => self::LARGEST_JSON_BYTES,
            $request->is(self::PHOTOS) => PhotoStore::LARGEST_BYTES,
            default => self::LARGEST_FILE_BYTES,
        };
        if ((int) $request->header('Content-Length') > $largest || strlen($request->getContent()) > $largest) {
            return Problem::tooLarge($largest)->toResponse();
        }
        if (! $request->isMethodSafe()) {
            $origin = $request->header('Origin');
            $site = $request->header('Sec-Fetch-Site');
            if (
                ($origin !== null && ! in_array($origin, KnownHosts::origins($request), true))
                || ($site !== null && ! in_array($site, ['same-origin', 'none'], true))
            ) {
                return Problem::refusal(403, 'Not from here', 'Changes are only taken from the application itself.')->toResponse();
            }
            if (! $this->isReadable($request)) {
                return Problem::refusal(400, 'Not readable', 'The request is not sound JSON of a reasonable shape.')->toResponse();
            }
        }

        return $next($request);
    }

    private function isReadable(Request $request): bool
    {
        if (! $request->isJson() || $request->getContent() === '') {
            return true;
        }
        try {
            SoundJson::decode($request->getContent());
        } catch (JsonException) {
            return false;
        }

        return true;
    }
}
