<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Holds what is sent to what its address is for: a file may be large, a form is not. */
final class LimitBody
{
    private const MEGABYTE = 1024 * 1024;

    /** In megabytes, by the address; the first that fits. */
    private const MOST = [
        'worksheets' => 101,
        'worksheets/*/files' => 101,
        'pages/*/pictures' => 6,
        'my/copies/*/pictures' => 6,
        'my/copies/*' => 8, // all answers of a copy at once, drawings among them
        'pages/*' => 4,
    ];

    public function handle(Request $request, Closure $next): Response
    {
        if ((int) $request->header('Content-Length') > self::most($request) * self::MEGABYTE) {
            throw new PostTooLargeException;
        }

        return $next($request);
    }

    /** @return int megabytes */
    private static function most(Request $request): int
    {
        foreach (self::MOST as $address => $most) {
            if ($request->is($address)) {
                return $most;
            }
        }

        return 1;
    }
}
