<?php

declare(strict_types=1);

return [
    'name' => 'Kalokroma',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8310'),
    // A name beside those of this machine under which it may be called, as bin/start --host names it.
    'host' => env('KALOKROMA_HOST', ''),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
