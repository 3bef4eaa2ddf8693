<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers only those who call the application by a name of this machine. Otherwise any page could have its own name point here (DNS rebinding)
 * and read and write as if it were ours.
 */
final class KnownHosts
{
    private const OWN = ['127.0.0.1', 'localhost', '[::1]'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        return in_array($request->headers->get('Host', ''), self::hosts($request), true)
            ? $next($request)
            : Problem::refusal(
                421,
                'Not here',
                'Kalokroma answers only under its own address: '.implode(', ', self::hosts($request)).'.',
            )->toResponse();
    }

    /**
     * Where pages of ours come from.
     *
     * @return list<string>
     */
    public static function origins(Request $request): array
    {
        return array_map(static fn(string $host): string => "http://$host", self::hosts($request));
    }

    /** @return list<string> names with the port that is listened on; without it for the usual one */
    private static function hosts(Request $request): array
    {
        $port = (int) $request->server('SERVER_PORT', '80');
        $named = config('app.host');
        $hosts = [];
        foreach ([...self::OWN, ...(is_string($named) && $named !== '' ? [$named] : [])] as $host) {
            $hosts[] = "$host:$port";
            if ($port === 80) {
                $hosts[] = $host;
            }
        }

        return $hosts;
    }
}
