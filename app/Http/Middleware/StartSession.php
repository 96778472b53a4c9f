<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as Start;
use SessionUpdateTimestampHandlerInterface;
use Symfony\Component\HttpFoundation\Response;

/**
 * Sessions are written by requests for pages that somebody looks at. What is asked for in the background (saves,
 * pictures, progress, a page for the browser's keeping) reads them: it neither uses up the words that are meant for the
 * next page, nor brings back a session that was ended while it was on its way.
 */
final class StartSession extends Start
{
    /** Set on a request that is not to write its session after all. */
    public const LEAVE_AS_IT_IS = 'session.leave-as-it-is';

    private const PICTURES = ['pictures.show', 'backdrops.show', 'sheets.show', 'trial.sheets', 'page.small'];

    /** @param  Session  $session */
    protected function handleStatefulRequest(Request $request, $session, Closure $next): Response
    {
        if ($request->is('sign-in', 'sign-out', 'class/*') || ! $this->isInTheBackground($request)) {
            return parent::handleStatefulRequest($request, $session, $next);
        }
        $request->setLaravelSession($this->startSession($request, $session));
        $asRead = $session->all();
        // The words for the next page are not for this one.
        $session->forget([...$session->get('_flash.new', []), ...$session->get('_flash.old', [])]);
        /** @var Response $response */
        $response = $next($request);
        $session->replace($asRead);
        foreach ($response->headers->getCookies() as $cookie) {
            $cookie->getName() === 'XSRF-TOKEN' &&
                $response->headers->removeCookie('XSRF-TOKEN', $cookie->getPath(), $cookie->getDomain());
        }
        $handler = $session->getHandler();
        $handler instanceof SessionUpdateTimestampHandlerInterface && $handler->updateTimestamp($session->getId(), '');

        return $response;
    }

    private function isInTheBackground(Request $request): bool
    {
        return $request->expectsJson()
            || $request->prefetch()
            || in_array($request->route()?->getName(), self::PICTURES, true);
    }

    protected function saveSession($request): void
    {
        $request->attributes->get(self::LEAVE_AS_IT_IS) === true || parent::saveSession($request);
    }
}
