<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Questions that take long are worked on two at once, as many as a small machine has hands for; some more wait their turn, and what comes
 * beyond is asked to come again. So there is always somebody left who answers what is quick.
 */
final class InTurn
{
    private const AT_ONCE = 2;

    /** With those at work. There are more workers than that (bin/start). */
    private const WAITING = 8;

    private const LONGEST_SECONDS = 30.0;

    private const LOOK_EVERY_MICROSECONDS = 10_000;

    private const AGAIN_AFTER_SECONDS = '3';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $place = self::oneOf('waits', self::WAITING);
        $turn = $place === null ? null : self::turn();
        try {
            if ($place === null || $turn === null) {
                $refusal = Problem::refusal(
                    503,
                    'Busy',
                    'Several long questions are being worked on. Ask again in a moment; nothing was changed.',
                )->toResponse();
                $refusal->headers->set('Retry-After', self::AGAIN_AFTER_SECONDS);

                return $refusal;
            }

            return $next($request);
        } finally {
            foreach (array_filter([$turn, $place]) as $held) {
                fclose($held);
            }
        }
    }

    /** @return resource|null null when it did not come */
    private static function turn()
    {
        $end = microtime(true) + self::LONGEST_SECONDS;
        while (($turn = self::oneOf('works', self::AT_ONCE)) === null && microtime(true) < $end) {
            usleep(self::LOOK_EVERY_MICROSECONDS);
        }

        return $turn;
    }

    /** Each desk has its own. */
    public static function path(string $name): string
    {
        $database = config('database.connections.sqlite.database');

        return sprintf('%s/kalokroma-%s-%s.lock', sys_get_temp_dir(), hash('xxh64', is_string($database) ? $database : ''), $name);
    }

    /**
     * The lock ends with whoever holds it, however that comes about.
     *
     * @return resource|null a lock that nobody else holds; null when there is none
     */
    private static function oneOf(string $name, int $many)
    {
        for ($number = 0; $number < $many; $number++) {
            $lock = @fopen(self::path("$name-$number"), 'c');
            if ($lock !== false && flock($lock, LOCK_EX | LOCK_NB)) {
                return $lock;
            }
            $lock === false || fclose($lock);
        }

        return null;
    }
}
