<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Support\Facades\Auth;

/** Names whoever is signed in, so that a browser can tell whether a page it still has is for whoever sits there now. */
final class Who
{
    public const HEADER = 'Slate-Who';

    /** "t3" for a teacher, "s12" for a student, "nobody" at the door; nothing where nobody has looked. */
    public static function isHere(): string
    {
        if (! request()->hasSession()) {
            return '';
        }
        foreach (['teacher' => 't', 'student' => 's'] as $guard => $letter) {
            if (Auth::guard($guard)->check()) {
                return $letter.Auth::guard($guard)->id();
            }
        }

        return 'nobody';
    }
}
