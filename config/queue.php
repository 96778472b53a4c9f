<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'database' => [
            'driver' => 'database',
            'table' => 'jobs',
            'queue' => 'default',
            // Longer than any job may run, so that a job is not started twice.
            'retry_after' => 900,
            'after_commit' => true,
        ],
    ],
];
