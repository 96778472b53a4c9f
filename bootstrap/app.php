<?php

declare(strict_types=1);

use App\Http\Middleware\LimitBody;
use App\Http\Middleware\NameWhoIsHere;
use App\Http\Middleware\Once;
use App\Http\Middleware\ScrubText;
use App\Http\Middleware\SecureHeaders;
use App\Http\Middleware\StartSession;
use App\Http\Refusals;
use App\Http\TrustedNames;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as Start;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', health: '/up')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append(SecureHeaders::class);
        $middleware->append(LimitBody::class);
        $middleware->append(ScrubText::class);
        $middleware->trustHosts(fn (): array => TrustedNames::patterns(), subdomains: false);
        $middleware->web(replace: [Start::class => StartSession::class], append: [NameWhoIsHere::class]);
        $middleware->alias(['once' => Once::class]);
        // What people type on pages stays exactly as typed: an empty answer is an answer, a space is a space.
        $typed = fn (Request $request): bool => $request->is('my/copies/*', 'pages/*');
        $passwords = ['current', 'everywhere', 'second'];
        $middleware->trimStrings(except: [$typed, ...$passwords]);
        $middleware->convertEmptyStringsToNull(except: [$typed]);
        $middleware->redirectGuestsTo(
            fn (Request $request): string => $request->is('my/*') ? route('class.code') : route('sign-in'),
        );
        $middleware->redirectUsersTo(fn (): string => route('home'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Refusals::register($exceptions);
    })
    ->create();
