<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Pass;
use App\Models\Student;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Whoever came by a pass sees what it opens, for as long as it does. */
final class ThroughPass
{
    /** In the session: the id of the pass by which somebody came. */
    public const IN_SESSION = 'pass';

    /** Of everybody who is found to be signed in, before anything asks what they may see. */
    public static function narrow(Student $student): void
    {
        $id = request()->hasSession() ? request()->session()->get(self::IN_SESSION) : null;
        if ($id !== null) {
            $student->comeFor((int) Pass::query()->live()->whereKey($id)->value('handout_id'));
        }
    }

    public function handle(Request $request, Closure $next): Response
    {
        $student = Auth::guard('student')->user();
        if ($student instanceof Student && $student->isShutOut()) {
            Auth::guard('student')->logout();
            $request->session()->forget(self::IN_SESSION);

            throw new AuthenticationException(redirectTo: route('pass.over'));
        }

        /** @var Response */
        return $next($request);
    }
}
