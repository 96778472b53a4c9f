<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Sends a page once more only where it is another than the one that the asking worker keeps (RFC 9110, 13.1.2): see
 * public/sw.js. Browsers keep none of these pages themselves, so that they do not ask in this way.
 */
final class SayWhenUnchanged
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        if ($request->isMethod('GET') && $response->isOk()) {
            $response->setEtag(hash('xxh128', (string) $response->getContent()), weak: true);
            $response->isNotModified($request);
        }

        return $response;
    }
}
