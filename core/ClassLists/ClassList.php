<?php

declare(strict_types=1);

namespace OpenSlate\ClassLists;

/** The students that a class list names, row by row, each with its trouble where it has any. */
final readonly class ClassList
{
    public const MOST = 5000;

    public const LONGEST_NAME = 80;

    public const LONGEST_CLASS = 60;

    private const NOBODY = 'The list names nobody for this place in the class.';

    /** @param  list<ListedStudent>  $students */
    private function __construct(public array $students)
    {
    }

    /**
     * Of a table or of lines that were typed: names in one column or in two, with heads or without.
     *
     * @param  list<list<string>>  $rows
     *
     * @throws ListRefused
     */
    public static function ofTable(array $rows): self
    {
        $rows = array_values(array_filter($rows, fn (array $row): bool => trim(implode('', $row)) !== ''));
        if ($rows === []) {
            throw ListRefused::empty();
        }
        $rows = self::onePerRow($rows);
        $columns = Columns::of($rows);
        $students = [];
        foreach (array_slice($rows, $columns->heads) as $row) {
            $at = fn (?int $column): string => $column === null ? '' : $row[$column] ?? '';
            $name = PersonName::of($at($columns->first), $at($columns->last));
            if ($name->first.$name->last === '') {
                $name = PersonName::parse($at($columns->whole));
            }
            $students[] = new ListedStudent($name->first, $name->last, PersonName::tidy($at($columns->class)));
        }

        return self::checked($students);
    }

    /**
     * Of the tables of OneRoster 1.1 and 1.2 (1EdTech, CSV binding; the columns from memory): each student once for
     * each class that they are enrolled in, and once without where they are in none.
     *
     * @param  list<array<string, string>>  $users  rows by the names of their columns, in small letters
     * @param  list<array<string, string>>  $classes
     * @param  list<array<string, string>>  $enrollments
     * @param  list<array<string, string>>  $roles  of 1.2, where roles have a table of their own
     *
     * @throws ListRefused
     */
    public static function ofOneRoster(array $users, array $classes, array $enrollments, array $roles = []): self
    {
        $titles = array_column(self::inForce($classes), 'title', 'sourcedid');
        $people = array_column(self::inForce($users), null, 'sourcedid');
        $students = [];
        $placed = [];
        foreach (array_filter(self::inForce($enrollments), self::isStudent(...)) as $enrollment) {
            $id = $enrollment['usersourcedid'] ?? '';
            $class = $titles[$enrollment['classsourcedid'] ?? ''] ?? '';
            $user = $people[$id] ?? null;
            $placed[$id] = true;
            $student = $user === null
                ? new ListedStudent('', '', PersonName::tidy($class), self::NOBODY)
                : self::person($user, $class);
            $students[] = $student->trouble === null && $class === ''
                ? $student->withTrouble('The class is not in the list.')
                : $student;
        }
        $ofStudents = array_filter(self::inForce($roles), self::isStudent(...));
        $studentRoles = array_column($ofStudents, 'role', 'usersourcedid');
        foreach ($people as $id => $user) {
            if (! isset($placed[$id]) && (self::isStudent($user) || isset($studentRoles[$id]))) {
                $students[] = self::person($user, '');
            }
        }

        return self::checked($students);
    }

    /**
     * Names in one line, "Nia Penrose, Tom Hale, Ada Brine", are a row each.
     *
     * @param  non-empty-list<list<string>>  $rows
     * @return non-empty-list<list<string>>
     */
    private static function onePerRow(array $rows): array
    {
        $fields = array_values(array_filter($rows[0], fn (string $field): bool => trim($field) !== ''));
        $names = preg_grep('/^\s*\p{L}\S*(?:\s+\p{L}\S*)+\s*$/u', $fields);

        return count($rows) === 1 && count($fields) > 1 && $names === $fields
            ? array_map(fn (string $name): array => [$name], $fields)
            : $rows;
    }

    /** @param  array<string, string>  $row */
    private static function isStudent(array $row): bool
    {
        return strtolower($row['role'] ?? '') === 'student';
    }

    /** @param  array<string, string>  $user */
    private static function person(array $user, string $class): ListedStudent
    {
        $first = trim($user['preferredgivenname'] ?? '') ?: $user['givenname'] ?? '';
        $last = trim($user['preferredfamilyname'] ?? '') ?: $user['familyname'] ?? '';
        $name = PersonName::of($first, $last);

        return new ListedStudent($name->first, $name->last, PersonName::tidy($class));
    }

    /**
     * @param  list<array<string, string>>  $rows
     * @return list<array<string, string>> those that are not on their way out
     */
    private static function inForce(array $rows): array
    {
        return array_values(
            array_filter($rows, fn (array $row): bool => strtolower(trim($row['status'] ?? '')) !== 'tobedeleted'),
        );
    }

    /**
     * @param  list<ListedStudent>  $students
     *
     * @throws ListRefused
     */
    private static function checked(array $students): self
    {
        if ($students === []) {
            throw ListRefused::empty();
        }
        if (count($students) > self::MOST) {
            throw ListRefused::tooLong(self::MOST);
        }
        $hasClasses = array_filter($students, fn (ListedStudent $one): bool => $one->class !== '') !== [];
        $seen = [];
        $checked = [];
        foreach ($students as $student) {
            $key = mb_strtolower("{$student->class}\0{$student->name()}");
            $trouble = $student->trouble ?? self::trouble($student, $hasClasses, isset($seen[$key]));
            $seen[$key] = true;
            $checked[] = $trouble === null ? $student : $student->withTrouble($trouble);
        }

        return new self($checked);
    }

    private static function trouble(ListedStudent $student, bool $hasClasses, bool $isThere): ?string
    {
        $name = $student->name();

        return match (true) {
            $name === '' => 'There is no name.',
            mb_strlen($name) > self::LONGEST_NAME => sprintf(
                'The name is longer than %d letters.',
                self::LONGEST_NAME,
            ),
            preg_match('/\p{L}/u', $name) !== 1 || str_contains($name, '@') => 'This does not look like a name.',
            mb_strlen($student->class) > self::LONGEST_CLASS => sprintf(
                'The name of the class is longer than %d letters.',
                self::LONGEST_CLASS,
            ),
            $hasClasses && $student->class === '' => 'The class is missing.',
            $isThere => 'This name is in the list before. Are they two?',
            default => null,
        };
    }
}
