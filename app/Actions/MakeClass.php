<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SchoolClass;
use App\Models\Teacher;

/** Makes a class, with a code that no other has. */
final class MakeClass
{
    /** Letters and digits that nobody confuses on a board: no I, L, O, 0 or 1. */
    private const CODE_LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

    private const CODE_LENGTH = 6;

    public function __invoke(Teacher $teacher, string $name): SchoolClass
    {
        return $teacher->classes()->create(['name' => $name, 'code' => self::newCode()]);
    }

    private static function newCode(): string
    {
        do {
            $code = '';
            for ($n = 0; $n < self::CODE_LENGTH; $n++) {
                $code .= self::CODE_LETTERS[random_int(0, strlen(self::CODE_LETTERS) - 1)];
            }
        } while (SchoolClass::where('code', $code)->exists());

        return $code;
    }
}
