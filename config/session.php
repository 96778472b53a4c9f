<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'files' => env('SLATE_DATA', storage_path('app')).'/sessions',
    // A school day: nobody is signed out in the middle of a lesson.
    'lifetime' => 600,
    'cookie' => 'open_slate',
    'http_only' => true,
    'same_site' => 'lax',
    // Only over https, where that is the address.
    'secure' => str_starts_with((string) env('SLATE_URL', ''), 'https://'),
];
