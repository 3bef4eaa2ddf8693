<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * A write that comes with an Idempotency-Key is done once, however often it is sent: after an answer that was lost the browser sends it
 * again and gets the answer of the first time. The answer is kept in the same transaction as what was written, so there is never one
 * without the other.
 */
final class OnceOnly
{
    private const LONGEST_KEY = 64;

    /** Answers kept; nobody waits for an older one. */
    private const KEPT = 300;

    private const KEPT_HOURS = 48;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->headers->get('Idempotency-Key');
        if ($request->isMethodSafe() || $key === null || $key === '') {
            return $next($request);
        }
        if (strlen($key) > self::LONGEST_KEY || preg_match('/^[\w-]+$/D', $key) !== 1) {
            return Problem::refusal(
                400,
                'Not readable',
                sprintf('An Idempotency-Key is up to %d letters, digits and dashes.', self::LONGEST_KEY),
            )->toResponse();
        }

        DB::beginTransaction();
        try {
            $response = $this->answered($key, $request) ?? $this->answer($key, $request, $next);
        } catch (Throwable $error) {
            DB::rollBack();
            throw $error;
        }
        // What was refused, or broke on the way out, has changed nothing, and may be granted another time.
        $response->getStatusCode() < 400 ? DB::commit() : DB::rollBack();

        return $response;
    }

    private function answered(string $key, Request $request): ?Response
    {
        $known = DB::table('answers')->where('key', $key)->first();
        if ($known === null) {
            return null;
        }
        if ($known->request !== self::fingerprint($request)) {
            return Problem::refusal(
                422,
                'Another request',
                'Something else was sent with this Idempotency-Key before. Nothing was changed.',
            )->toResponse();
        }

        return new Response((string) gzdecode($known->body), $known->status, ['Content-Type' => 'application/json']);
    }

    /** @param Closure(Request): Response $next */
    private function answer(string $key, Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($response->getStatusCode() < 400) {
            DB::table('answers')->insert([
                'key' => $key, 'request' => self::fingerprint($request), 'status' => $response->getStatusCode(),
                'body' => gzencode((string) $response->getContent(), 1), 'created_at' => Date::now(),
            ]);
            $this->forgetOld();
        }

        return $response;
    }

    private function forgetOld(): void
    {
        DB::table('answers')->where('created_at', '<', Date::now()->subHours(self::KEPT_HOURS))->delete();
        $oldest = DB::table('answers')->orderByDesc('rowid')->offset(self::KEPT)->limit(1)->value('rowid');
        if ($oldest !== null) {
            DB::table('answers')->where('rowid', '<=', $oldest)->delete();
        }
    }

    private static function fingerprint(Request $request): string
    {
        return hash('sha256', $request->method().' '.$request->getRequestUri()."\n".$request->getContent());
    }
}
