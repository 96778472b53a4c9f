<?php

declare(strict_types=1);

// The proxies whose word on a visitor's address, and on https, is taken: none, unless they are named.
return [
    'proxies' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('SLATE_PROXIES', ''))))),
];
