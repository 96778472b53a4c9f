<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;

/** Makes the classes and the students of a class list, each student with a PIN. All of it, or nothing. */
final class KeepClassList
{
    public function __construct(
        private MakeClass $makeClass,
        private EnrolStudents $enrol,
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
            $new = $known = [];
            foreach ($plan->newStudents() as $row) {
                $class = mb_strtolower($row->class);
                if ($row->known !== null && ! in_array($row->key(), $anew, true)) {
                    $known[$class][$row->known->id] = $row->known->name;
                } else {
                    $new[$class][] = $row->student->name();
                }
            }
            $made = [];
            foreach ($classes as $key => $class) {
                ($this->join)($class, array_keys($known[$key] ?? []));
                $come = array_map(
                    fn (string $name): array => ['name' => $name, 'pin' => null],
                    array_values($known[$key] ?? []),
                );
                $made[$class->name] = [...$come, ...($this->enrol)($class, $new[$key] ?? [])];
            }

            return array_filter($made);
        });
    }
}
