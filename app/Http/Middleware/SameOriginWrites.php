<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
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
    private const LARGEST_BYTES = 16 * 1024 * 1024;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ((int) $request->header('Content-Length') > self::LARGEST_BYTES) {
            return Problem::refusal(413, 'Too large', 'This is larger than 16 MB. Split it and bring the parts in one after the other.')->toResponse();
        }
        if (! $request->isMethodSafe()) {
            $origin = $request->header('Origin');
            $site = $request->header('Sec-Fetch-Site');
            if (($origin !== null && $origin !== $request->getSchemeAndHttpHost()) || ($site !== null && ! in_array($site, ['same-origin', 'none'], true))) {
                return Problem::refusal(403, 'Not from here', 'Changes are only taken from the application itself.')->toResponse();
            }
            if (! $this->isReadable($request)) {
                return Problem::refusal(400, 'Not readable', 'The request is not sound JSON.')->toResponse();
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
            return is_array(json_decode($request->getContent(), true, 32, JSON_THROW_ON_ERROR));
        } catch (JsonException) {
            return false;
        }
    }
}
