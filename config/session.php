<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    // A school day: nobody is signed out in the middle of a lesson.
    'lifetime' => 600,
    'cookie' => 'open_slate',
];
