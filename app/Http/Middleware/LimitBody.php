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

    /** What comes with a file, by the address: as much as a file of its kind may have, and a form round it. */
    private const FILES = [
        'worksheets' => 'slate.files.most_bytes',
        'worksheets/*/files' => 'slate.files.most_bytes',
        'items/*/on-paper' => 'slate.files.most_bytes',
        'items/*/returned' => 'slate.files.most_bytes',
        'pages/*/pictures' => 'slate.pictures.most_bytes',
        'pages/*/recordings' => 'slate.recordings.most_bytes',
        'copies/*/sounds' => 'slate.recordings.most_bytes',
        'my/copies/*/files' => 'slate.recordings.most_bytes',
        'try/*/files' => 'slate.recordings.most_bytes',
    ];

    /** Forms that are larger than others, in megabytes; the first that fits. */
    private const FORMS = [
        'my/copies/*' => 8, // all answers of a copy at once, drawings among them
        'items/*/returned/*' => 8, // what was read in the PDFs of a class
        'pages/*' => 4,
    ];

    public function handle(Request $request, Closure $next): Response
    {
        if ((int) $request->header('Content-Length') > self::most($request)) {
            throw new PostTooLargeException;
        }

        return $next($request);
    }

    /** @return int bytes */
    private static function most(Request $request): int
    {
        foreach (self::FILES as $address => $most) {
            if ($request->is($address)) {
                return (int) config($most) + self::MEGABYTE;
            }
        }
        foreach (self::FORMS as $address => $most) {
            if ($request->is($address)) {
                return $most * self::MEGABYTE;
            }
        }

        return self::MEGABYTE;
    }
}
