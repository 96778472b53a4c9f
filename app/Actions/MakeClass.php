<?php

declare(strict_types=1);

namespace App\Actions;

use App\Access\Code;
use App\Models\SchoolClass;
use App\Models\Teacher;

/** Makes a class, with a code that no other has. */
final class MakeClass
{
    private const CODE_LENGTH = 6;

    public function __invoke(Teacher $teacher, string $name): SchoolClass
    {
        return $teacher->classes()->create(['name' => $name, 'code' => self::newCode()]);
    }

    private static function newCode(): string
    {
        do {
            $code = Code::new(self::CODE_LENGTH);
        } while (SchoolClass::where('code', $code)->exists());

        return $code;
    }
}
