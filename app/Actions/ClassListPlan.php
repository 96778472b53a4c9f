<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use OpenSlate\ClassLists\ClassList;

/** What a class list would make, change and leave among a teacher's classes; nothing is done yet. */
final readonly class ClassListPlan
{
    /**
     * @param  list<PlannedStudent>  $rows
     * @param  list<string>  $newClasses  names of classes that would be made
     * @param  array<string, SchoolClass>  $classes  those that are there, by name in small letters
     */
    private function __construct(public array $rows, public array $newClasses, public array $classes)
    {
    }

    /** @param  string  $into  the name of the class for rows that name none */
    public static function of(Teacher $teacher, ClassList $list, string $into): self
    {
        $classes = $teacher
            ->classes()
            ->with('students:id,name')
            ->get()
            ->keyBy(fn (SchoolClass $class): string => mb_strtolower($class->name))
            ->all();
        $there = [];
        foreach ($classes as $name => $class) {
            foreach ($class->students as $student) {
                $there[$name][mb_strtolower($student->name)] = true;
            }
        }
        $known = self::known($teacher);
        $rows = $new = [];
        foreach ($list->students as $student) {
            $class = $student->class === '' ? $into : $student->class;
            $key = mb_strtolower($class);
            $name = mb_strtolower($student->name());
            [$same, $from] = $known[$name][$key] ?? $known[$name][''] ?? [null, ''];
            $row = new PlannedStudent($student, $class, isset($there[$key][$name]), $same, $from);
            if ($row->isNew() && ! isset($classes[$key])) {
                $new[$key] ??= $class;
            }
            $rows[] = $row;
        }

        return new self($rows, array_values($new), $classes);
    }

    /**
     * Who left one of the classes, by its name; and who is of a class put away, by '', where the name is one student's.
     *
     * @return array<string, array<string, array{Student|null, string}>> by the student's name, then by the class's
     */
    private static function known(Teacher $teacher): array
    {
        $known = [];
        foreach ($teacher->allClasses()->with('everyone:id,name')->get() as $class) {
            foreach ($class->everyone as $student) {
                $name = mb_strtolower($student->name);
                $of = $class->put_away_at === null ? mb_strtolower($class->name) : '';
                if ($of !== '' && $student->getRelationValue('pivot')?->left_at === null) {
                    continue;
                }
                // Two of one name are nobody's guess.
                $before = isset($known[$name][$of]) ? $known[$name][$of][0] : $student;
                $known[$name][$of] = $before?->is($student) === true ? [$student, $class->name] : [null, ''];
            }
        }

        return $known;
    }

    /** @return list<PlannedStudent> those who would come into their classes */
    public function newStudents(): array
    {
        return array_values(array_filter($this->rows, fn (PlannedStudent $row): bool => $row->isNew()));
    }

    /** @return list<string> names of students of the listed classes who are not in the list; they stay as they are */
    public function notListed(): array
    {
        $listed = [];
        foreach ($this->rows as $row) {
            $listed[mb_strtolower($row->class)][mb_strtolower($row->student->name())] = true;
        }
        $names = [];
        foreach (array_intersect_key($this->classes, $listed) as $key => $class) {
            foreach ($class->students as $student) {
                if (! isset($listed[$key][mb_strtolower($student->name)])) {
                    $names[] = $student->name;
                }
            }
        }

        return $names;
    }
}
