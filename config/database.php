<?php

declare(strict_types=1);

// WAL, which the database file has from its first migration on, lets readers go on while one writes; immediate
// transactions queue writers at their start, where waiting is safe.
return [
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', env('SLATE_DATA', storage_path('app')).'/open-slate.sqlite'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // A web worker keeps its connection, and with it what SQLite knows of the tables. What a request leaves
            // open in it is rolled back before the next one.
            'options' => [PDO::ATTR_PERSISTENT => (bool) env('SLATE_KEEP_CONNECTIONS', false)],
            'busy_timeout' => (int) env('SLATE_BUSY_MILLISECONDS', 3000),
            'synchronous' => 'NORMAL',
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
];
