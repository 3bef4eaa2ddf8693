<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use App\Models\Setting;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A write that says which desk it is meant for is not taken by another: at one address there may be one database today and another tomorrow. */
final class SameDesk
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $meant = $request->header('Kalokroma-Desk');

        return $request->isMethodSafe() || $meant === null || $meant === Setting::desk()
            ? $next($request)
            : Problem::refusal(
                421,
                'Another desk',
                'This was done at another desk than the one that answers here. Nothing was changed.',
            )->toResponse();
    }
}
