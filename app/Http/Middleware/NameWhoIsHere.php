<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Who;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Tells the worker that keeps a student's pages whose page this is: see public/sw.js. */
final class NameWhoIsHere
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $request->expectsJson() || $response->headers->set(Who::HEADER, Who::isHere());

        return $response;
    }
}
