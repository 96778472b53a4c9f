<?php

declare(strict_types=1);

// WAL lets readers go on while one writes; immediate transactions queue writers at their start, where waiting is safe.
return [
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', env('SLATE_DATA', storage_path('app')).'/open-slate.sqlite'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 10000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
];
