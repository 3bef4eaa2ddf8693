<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Sends text small to whoever can read it so (RFC 9110, content coding gzip). Pictures are small already. */
final class Compressed
{
    /** A smaller one goes in one packet anyway. */
    private const LEAST_BYTES = 1000;

    /** The usual: half a millisecond more than level 4 for the demo's batch under way, and an eighth smaller. */
    private const LEVEL = 6;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $type = (string) $response->headers->get('Content-Type');
        if ($response instanceof StreamedResponse || preg_match('~^(text/|application/(problem\+)?json)~', $type) !== 1) {
            return $response;
        }
        $response->headers->set('Vary', 'Accept-Encoding', false);
        $body = (string) $response->getContent();
        if (
            strlen($body) >= self::LEAST_BYTES
            && ! $response->headers->has('Content-Encoding')
            && in_array('gzip', $request->getEncodings(), true)
        ) {
            $response->setContent((string) gzencode($body, self::LEVEL));
            $response->headers->set('Content-Encoding', 'gzip');
        }

        return $response;
    }
}
