<?php

declare(strict_types=1);

return [
    'name' => env('APP_NAME', 'Open Slate'),
    'locale' => 'en',
    'faker_locale' => 'en_GB',
];
