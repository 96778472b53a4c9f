<?php

declare(strict_types=1);

return [
    'disks' => [
        // Brought-in files are only ever sent by controllers that check who asks.
        'local' => [
            'driver' => 'local',
            'root' => env('SLATE_DATA', storage_path('app')).'/private',
            'serve' => false,
            'throw' => true,
        ],
    ],
];
