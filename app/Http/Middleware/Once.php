<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Who;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Makes what a form asks for once, however often the same form arrives: by a second press, by a browser that sends it
 * again. Whoever comes second gets the answer of the first. A form carries its token in the field "once"; scripts send
 * theirs in the header Idempotency-Key (IETF draft-ietf-httpapi-idempotency-key-header).
 */
final class Once
{
    private const WAITS = 150;

    private const EACH = 100_000; // microseconds

    private const FORGOTTEN_AFTER_HOURS = 24;

    public function handle(Request $request, Closure $next): Response
    {
        $given = $request->request->get('once') ?? $request->header('Idempotency-Key');
        if (! is_string($given) || preg_match('/^[A-Za-z0-9-]{8,64}$/D', $given) !== 1) {
            return $next($request);
        }
        $token = Who::isHere().' '.$given;
        for ($n = 0; DB::table('made_once')->insertOrIgnore(['token' => $token, 'created_at' => now()]) === 0; $n++) {
            $answer = DB::table('made_once')->where('token', $token)->value('answer');
            if ($answer !== null) {
                return $this->again($request, (string) $answer);
            }
            if ($n >= self::WAITS) {
                return response()->json(
                    ['message' => 'This is still being made. Wait a moment, then look whether it is there.'],
                    Response::HTTP_CONFLICT,
                );
            }
            usleep(self::EACH);
        }

        return $this->made($request, $token, $next);
    }

    private function made(Request $request, string $token, Closure $next): Response
    {
        $answer = null;
        try {
            /** @var Response $response */
            $response = $next($request);
            $isMade = $response->isSuccessful() || ($response->isRedirection() && ! $request->session()->has('errors'));
            $answer = $isMade
                ? json_encode(
                    [
                        'status' => $response->getStatusCode(),
                        'to' => $response->headers->get('Location'),
                        'json' => $response instanceof JsonResponse ? $response->getContent() : null,
                    ],
                    JSON_THROW_ON_ERROR,
                )
                : null;
        } finally {
            // What was refused may be mended and sent again.
            $row = DB::table('made_once')->where('token', $token);
            $answer === null ? $row->delete() : $row->update(['answer' => $answer]);
            DB::table('made_once')->where('created_at', '<', now()->subHours(self::FORGOTTEN_AFTER_HOURS))->delete();
        }

        return $response;
    }

    private function again(Request $request, string $answer): Response
    {
        // The words for the next page are those of the first.
        $request->attributes->set(StartSession::LEAVE_AS_IT_IS, true);
        ['status' => $status, 'to' => $to, 'json' => $json] = json_decode($answer, true, flags: JSON_THROW_ON_ERROR);

        return $to !== null ? new RedirectResponse($to, $status) : JsonResponse::fromJsonString($json ?? '{}', $status);
    }
}
