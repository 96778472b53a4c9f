<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Student;
use RuntimeException;

/** A guest cannot be taken in, or cannot be joined to a student; with words for whoever tried. */
final class GuestRefused extends RuntimeException
{
    public static function tooMany(): self
    {
        return new self('Too many have come by this pass. Ask the teacher for another one.');
    }

    public static function hasBegun(Student $student): self
    {
        return new self("{$student->name} has begun a copy of their own. Both are kept as they are.");
    }
}
