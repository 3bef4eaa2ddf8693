<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/kalokroma.log'), 'level' => 'warning', 'days' => 7],
        'stderr' => ['driver' => 'monolog', 'handler' => Monolog\Handler\StreamHandler::class, 'with' => ['stream' => 'php://stderr']],
    ],
];
