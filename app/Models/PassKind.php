<?php

declare(strict_types=1);

namespace App\Models;

enum PassKind: string
{
    /** For the students of one class: choose your name, and type your PIN where the class has PINs. */
    case OfClass = 'class';

    /** For one student, with nothing more to type. */
    case Personal = 'personal';

    /** For whoever has it: give a name. */
    case Open = 'open';

    /** How many letters its code has: what asks for nothing more must not be guessed by anybody. */
    public function letters(): int
    {
        return $this === self::Personal ? 14 : 8;
    }
}
