<?php

declare(strict_types=1);

namespace App\Http;

use App\Access\Account;
use App\Access\Guesses;
use App\Models\Student;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Whether whoever stands at a door is the student that they say they are; guessing is slowed down. */
final class PinCheck
{
    public function __construct(private Guesses $guess)
    {
    }

    /** @throws ValidationException where it is not their PIN, or there were too many wrong ones */
    public function __invoke(Request $request, Student $student): void
    {
        $typed = $request->input('pin');
        $wait = ($this->guess)(
            Account::ofStudent($student->id),
            $request,
            fn (): bool => is_string($typed) && $student->isPin($typed),
        );
        if ($wait > 0) {
            throw ValidationException::withMessages([
                'pin' => "There were too many wrong tries with this name. Wait {$wait} seconds, then try again, or ".
                    'ask your teacher.',
            ])->status(429);
        }
        if ($wait < 0) {
            throw self::wrong();
        }
    }

    public static function wrong(): ValidationException
    {
        return ValidationException::withMessages([
            'pin' => 'That is not the PIN for this name. Try again, or ask your teacher.',
        ]);
    }
}
