<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Support\Changes;
use App\Support\EngineMark;
use Closure;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers with what was answered before, as long as nothing has changed that it follows from. Routes say what that is:
 * `kept:plans,products` for tables, and `minute` or `day` where the time is in it too. One answer is kept for each address.
 */
final readonly class KeptAnswer
{
    /** Seconds for which the time counts as the same. */
    private const TIMES = ['minute' => 60, 'day' => 86_400];

    private const KEPT_DAYS = 30;

    public function __construct(
        private Repository $cache,
        private ClockInterface $clock,
    ) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next, string ...$follows): Response
    {
        $tables = array_values(array_diff($follows, array_keys(self::TIMES)));
        $times = array_map(
            fn(int $seconds): int => intdiv($this->clock->now()->getTimestamp(), $seconds),
            array_intersect_key(self::TIMES, array_flip($follows)),
        );
        // Before anything is read: what changes while it is worked out makes it old, not wrong.
        $state = implode(' ', [EngineMark::now(), Changes::of(...$tables), ...$times]);
        $key = 'answer.'.hash('xxh128', config('database.connections.sqlite.database').' '.Changes::desk().' '.$request->getRequestUri());
        $kept = $this->cache->get($key);
        if (is_array($kept) && ($kept[0] ?? null) === $state && is_string($kept[1] ?? null)) {
            return new JsonResponse($kept[1], json: true);
        }
        $response = $next($request);
        if ($response instanceof JsonResponse && $response->getStatusCode() === 200) {
            $this->cache->put($key, [$state, (string) $response->getContent()], now()->addDays(self::KEPT_DAYS));
        }

        return $response;
    }
}
