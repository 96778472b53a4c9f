<?php

declare(strict_types=1);

// With the data, for its owner alone, and turned over each day. What is logged holds nothing that anybody typed: see
// App\Http\Refusals::withoutValues.
return [
    'default' => env('LOG_CHANNEL', 'kept'),
    'channels' => [
        // A log that cannot be written, on a disk that is full, keeps nobody from an answer.
        'kept' => ['driver' => 'stack', 'channels' => ['daily'], 'ignore_exceptions' => true],
        'daily' => [
            'driver' => 'daily',
            'path' => env('SLATE_DATA', storage_path('app')).'/logs/slate.log',
            'level' => 'info',
            'days' => 14,
            'permission' => 0600,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => env('SLATE_DATA', storage_path('app')).'/logs/slate.log'],
    ],
];
