<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'files' => env('SLATE_DATA', storage_path('app')).'/sessions',
    // A school day: nobody is signed out in the middle of a lesson.
    'lifetime' => 600,
    'cookie' => 'open_slate',
];
