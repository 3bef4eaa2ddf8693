<?php

declare(strict_types=1);

use App\Http\Middleware\Compressed;
use App\Http\Middleware\Guarded;
use App\Http\Middleware\InTurn;
use App\Http\Middleware\KeptAnswer;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\OnceOnly;
use App\Http\Middleware\SameDesk;
use App\Http\Middleware\SameOriginWrites;
use App\Http\Problem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', api: __DIR__.'/../routes/api.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(static function (Middleware $middleware): void {
        // Pages and API are one origin: nothing is shared across origins, and nobody else's page may write.
        $middleware->remove(HandleCors::class);
        $middleware->prepend([Compressed::class, Guarded::class, KnownHosts::class, SameOriginWrites::class]);
        $middleware->group('api', [SameDesk::class, OnceOnly::class, SubstituteBindings::class]);
        $middleware->group('web', []);
        $middleware->alias(['kept' => KeptAnswer::class, 'in-turn' => InTurn::class]);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->dontReport(Problem::EXPECTED);
        $exceptions->render(static fn(Throwable $error, Request $request) => str_starts_with($request->getPathInfo(), '/api/') ? Problem::of($error)->toResponse() : null);
    })
    ->create();
