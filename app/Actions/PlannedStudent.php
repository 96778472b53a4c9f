<?php

declare(strict_types=1);

namespace App\Actions;

use OpenSlate\ClassLists\ListedStudent;

/** A row of a class list, and what becomes of it. */
final readonly class PlannedStudent
{
    /**
     * @param  string  $class  the name of the class that they come into
     * @param  bool  $isThere  whether a student of this name is in that class already
     */
    public function __construct(public ListedStudent $student, public string $class, public bool $isThere)
    {
    }

    /** Whether a student is made of it. */
    public function isNew(): bool
    {
        return ! $this->isThere && $this->student->trouble === null;
    }
}
