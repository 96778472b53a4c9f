<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Student;
use OpenSlate\ClassLists\ListedStudent;

/** A row of a class list, and what becomes of it. */
final readonly class PlannedStudent
{
    /**
     * @param  string  $class  the name of the class that they come into
     * @param  bool  $isThere  whether a student of this name is in that class already
     * @param  Student|null  $known  who is most likely the same: who left that class, or is of a class put away
     * @param  string  $from  the class by which they are known
     */
    public function __construct(
        public ListedStudent $student,
        public string $class,
        public bool $isThere,
        public ?Student $known = null,
        public string $from = '',
    ) {
    }

    /** By which a row is named when the list is read again. */
    public function key(): string
    {
        return mb_strtolower("{$this->student->name()}, {$this->class}");
    }

    /** Whether somebody comes into the class by it. */
    public function isNew(): bool
    {
        return ! $this->isThere && $this->student->trouble === null;
    }
}
