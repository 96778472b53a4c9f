<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;

/** Makes the classes and the students of a class list, each student with a PIN. All of it, or nothing. */
final class KeepClassList
{
    public function __construct(
        private MakeClass $makeClass,
        private EnrolStudent $enrol,
        private JoinClass $join,
    ) {
    }

    /**
     * @param  list<string>  $anew  keys of rows that are not the student who is known by that name
     * @return array<string, list<array{name: string, pin: string|null}>> who comes, by class; those who are known have
     *                                                                    their PIN already
     */
    public function __invoke(Teacher $teacher, ClassListPlan $plan, array $anew = []): array
    {
        return DB::transaction(function () use ($teacher, $plan, $anew): array {
            $classes = $plan->classes;
            foreach ($plan->newClasses as $name) {
                $classes[mb_strtolower($name)] = ($this->makeClass)($teacher, $name);
            }
            $made = [];
            foreach ($plan->newStudents() as $row) {
                /** @var SchoolClass $class */
                $class = $classes[mb_strtolower($row->class)];
                if ($row->known !== null && ! in_array($row->key(), $anew, true)) {
                    ($this->join)($class, $row->known);
                    $made[$class->name][] = ['name' => $row->known->name, 'pin' => null];

                    continue;
                }
                $pin = $class->newPin();
                ($this->enrol)($class, $row->student->name(), $pin);
                $made[$class->name][] = ['name' => $row->student->name(), 'pin' => $pin];
            }

            return $made;
        });
    }
}
