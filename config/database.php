<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('kalokroma.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 10_000,
            'journal_mode' => 'wal',
            'synchronous' => 'full',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
