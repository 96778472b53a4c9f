<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Tells the browser how little it may do: everything comes from this server, no script stands in a page, nothing is
 * evaluated, nobody else frames a page, and no file is taken for what it does not say it is.
 */
final class SecureHeaders
{
    private const POLICY = [
        "default-src 'none'",
        "script-src 'self'",
        "style-src 'self'",
        // Only the style attribute, and only for custom properties: it is how an element is told its place.
        "style-src-attr 'unsafe-inline'",
        "img-src 'self' data:",
        "font-src 'self'",
        "connect-src 'self'",
        // What was just recorded is heard before it is sent.
        "media-src 'self' blob:",
        "worker-src 'self'",
        "manifest-src 'self'",
        "form-action 'self'",
        "base-uri 'none'",
        "frame-src 'self'",
    ];

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        // A teacher looks at what they try in a frame of this program's own.
        $framedBy = $request->is('try/*') ? "'self'" : "'none'";
        $policy = [...self::POLICY, "frame-ancestors {$framedBy}"];
        $response->headers->set('Content-Security-Policy', implode('; ', $policy));
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        // The address of a pass or a link is the key itself.
        $isKey = $request->is('p/*', 'welcome/*', 'families/*');
        $response->headers->set('Referrer-Policy', $isKey ? 'no-referrer' : 'same-origin');
        $response->headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $request->isSecure() && $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        // Pages show what is somebody's: no browser keeps them for the next person. Kept files say otherwise
        // themselves.
        $response->headers->hasCacheControlDirective('immutable') ||
            $response->headers->set('Cache-Control', 'no-store, private');
        $response->headers->set('Permissions-Policy', 'camera=(self), microphone=(self), geolocation=()');

        return $response;
    }
}
