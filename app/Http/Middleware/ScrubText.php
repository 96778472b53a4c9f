<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/** What is no text in UTF-8, and the null byte, which no text holds, never comes further than here. */
final class ScrubText extends TransformsRequest
{
    protected function transform($key, $value): mixed
    {
        return is_string($value) && (str_contains($value, "\0") || ! mb_check_encoding($value, 'UTF-8'))
            ? str_replace("\0", '', mb_scrub($value, 'UTF-8'))
            : $value;
    }
}
