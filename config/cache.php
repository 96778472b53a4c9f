<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => ['driver' => 'file', 'path' => env('SLATE_DATA', storage_path('app')).'/cache'],
    ],
];
