<?php

declare(strict_types=1);

namespace Tests\Core\ClassLists;

use OpenSlate\ClassLists\ClassList;
use OpenSlate\ClassLists\ListedStudent;
use OpenSlate\ClassLists\ListRefused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ClassListTest extends TestCase
{
    /** @return iterable<string, array{list<list<string>>, list<string>}> rows, and "first|last|class" of each student */
    public static function tables(): iterable
    {
        $three = ['Nia|Penrose|6 Heron', 'Tom|Hale|6 Heron', 'Ada|Brine|6 Curlew'];
        yield 'names, last names and classes' => [
            [['Nia', 'Penrose', '6 Heron'], ['Tom', 'Hale', '6 Heron'], ['Ada', 'Brine', '6 Curlew']],
            $three,
        ];
        yield 'numbered, with the day of birth and an address' => [
            [
                ['1', 'Nia', 'Penrose', '2015-03-02', '6 Heron', 'nia@saltmarsh.example'],
                ['2', 'Tom', 'Hale', '2014-11-21', '6 Heron', 'tom@saltmarsh.example'],
                ['3', 'Ada', 'Brine', '2015-01-30', '6 Curlew', ''],
            ],
            $three,
        ];
        yield 'a title and a date above the heads' => [
            [
                ['List of students', '', ''],
                ['Printed on 4 May', '', ''],
                ['Surname', 'Forename', 'Class'],
                ['Penrose', 'Nia', '6 Heron'],
                ['Hale', 'Tom', '6 Heron'],
                ['Brine', 'Ada', '6 Curlew'],
            ],
            $three,
        ];
        yield 'whole names, and classes without a number' => [
            [['Nia Penrose', 'Heron'], ['Tom Hale', 'Heron'], ['Ada Brine', 'Curlew'], ['Ned Ousel', 'heron ']],
            ['Nia|Penrose|Heron', 'Tom|Hale|Heron', 'Ada|Brine|Curlew', 'Ned|Ousel|heron'],
        ];
        yield 'whole names, and classes that are numbers' => [
            [['Nia Penrose', '6'], ['Tom Hale', '6'], ['Ada Brine', '5'], ['Ned Ousel', '5']],
            ['Nia|Penrose|6', 'Tom|Hale|6', 'Ada|Brine|5', 'Ned|Ousel|5'],
        ];
        yield 'whole names, and numbers that nobody shares' => [
            [['Nia Penrose', '11'], ['Tom Hale', '12'], ['Ada Brine', '13']],
            ['Nia|Penrose|', 'Tom|Hale|', 'Ada|Brine|'],
        ];
        yield 'brothers and sisters' => [
            [['Nia', 'Penrose'], ['Tom', 'Penrose'], ['Ada', 'Penrose'], ['Ned', 'Penrose']],
            ['Nia|Penrose|', 'Tom|Penrose|', 'Ada|Penrose|', 'Ned|Penrose|'],
        ];
        yield 'two of three have a name of two words, and they share a last name' => [
            [['Nia Maria', 'Penrose'], ['Tom Ellis', 'Penrose'], ['Ada', 'Hale']],
            ['Nia Maria|Penrose|', 'Tom Ellis|Penrose|', 'Ada|Hale|'],
        ];
        yield 'last names first, the comma parted' => [
            [['Penrose', ' Nia'], ['Hale', ' Tom']],
            ['Nia|Penrose|', 'Tom|Hale|'],
        ];
        yield 'numbered, last names first, the comma parted' => [
            [['1. Penrose', ' Nia'], ['2. Hale', ' Tom']],
            ['Nia|Penrose|', 'Tom|Hale|'],
        ];
        yield 'whole names, and a class that is numbered' => [
            [['Nia Penrose', '5. Klasse'], ['Tom Hale', '5. Klasse']],
            ['Nia|Penrose|5. Klasse', 'Tom|Hale|5. Klasse'],
        ];
        yield 'one of them with a space before' => [
            [['Nia', ' Penrose'], ['Tom', 'Hale']],
            ['Nia|Penrose|', 'Tom|Hale|'],
        ];
        yield 'a class of letters in a third column' => [
            [['Nia', 'Penrose', 'Heron'], ['Tom', 'Hale', 'Curlew']],
            ['Nia|Penrose|Heron', 'Tom|Hale|Curlew'],
        ];
        yield 'a name that is also what a head says' => [
            [['Nia', 'Penrose'], ['Tom', 'Child'], ['Ada', 'Name']],
            ['Nia|Penrose|', 'Tom|Child|', 'Ada|Name|'],
        ];
        yield 'several in one line' => [
            [['Nia Penrose', ' Tom Hale ', '', 'Ada Brine']],
            ['Nia|Penrose|', 'Tom|Hale|', 'Ada|Brine|'],
        ];
        yield 'one student in one line' => [[['Nia', 'Penrose']], ['Nia|Penrose|']];
        yield 'a head "nom" with "prénom" is the last name' => [
            [['Nom', 'Prénom'], ['Penrose', 'Nia']],
            ['Nia|Penrose|'],
        ];
        yield 'a head "nom" by itself is the whole' => [[['Nom'], ['Nia Penrose']], ['Nia|Penrose|']];
        yield 'a whole name where the first and the last are missing' => [
            [['First name', 'Last name', 'Name'], ['', '', 'Penrose, Nia'], ['Tom', 'Hale', 'Hale, Thomas']],
            ['Nia|Penrose|', 'Tom|Hale|'],
        ];
        yield 'rows that are too short' => [
            [['Class', 'Name'], ['6 Heron', 'Nia Penrose'], ['6 Heron']],
            ['Nia|Penrose|6 Heron', '||6 Heron'],
        ];
    }

    /**
     * @param  list<list<string>>  $rows
     * @param  list<string>  $expected
     */
    #[DataProvider('tables')]
    public function test_names_and_classes_are_found_in_tables_of_any_usual_kind(array $rows, array $expected): void
    {
        $this->assertSame($expected, array_map(
            fn (ListedStudent $one): string => "{$one->first}|{$one->last}|{$one->class}",
            ClassList::ofTable($rows)->students,
        ));
    }

    /** @return iterable<string, array{list<list<string>>, list<string|null>}> rows, and the trouble of each student */
    public static function troubles(): iterable
    {
        $letters = fn (int $count): string => str_repeat('a', $count);
        yield 'a name twice' => [
            [['Nia Penrose'], ['NIA PENROSE']],
            [null, 'This name is in the list before. Are they two?'],
        ];
        yield 'a name once in each of two classes' => [
            [['Name', 'Class'], ['Nia Penrose', '6 Heron'], ['Nia Penrose', '6 Curlew']],
            [null, null],
        ];
        yield 'an address' => [
            [['Name'], ['nia@saltmarsh.example'], ['Tom Hale']],
            ['This does not look like a name.', null],
        ];
        yield 'names as long as they may be, and longer' => [
            [['Name'], [$letters(80)], [$letters(81)]],
            [null, 'The name is longer than 80 letters.'],
        ];
        yield 'classes as long as they may be, and longer' => [
            [['Name', 'Class'], ['Nia Penrose', $letters(60)], ['Tom Hale', $letters(61)]],
            [null, 'The name of the class is longer than 60 letters.'],
        ];
        yield 'a class for one and none for another' => [
            [['Name', 'Class'], ['Nia Penrose', '6 Heron'], ['Tom Hale', '']],
            [null, 'The class is missing.'],
        ];
        yield 'a class for nobody' => [[['Name', 'Class'], ['Nia Penrose', ''], ['Tom Hale', '']], [null, null]];
        yield 'a class without a name' => [
            [['Name', 'Class'], ['', '6 Heron'], ['Tom Hale', '6 Heron']],
            ['There is no name.', null],
        ];
        yield 'digits' => [[['Name'], ['123456'], ['Tom Hale']], ['This does not look like a name.', null]];
    }

    /**
     * @param  list<list<string>>  $rows
     * @param  list<string|null>  $expected
     */
    #[DataProvider('troubles')]
    public function test_what_is_wrong_with_a_row_is_said_at_it(array $rows, array $expected): void
    {
        $this->assertSame($expected, array_column(ClassList::ofTable($rows)->students, 'trouble'));
    }

    public function test_a_list_of_nobody_and_one_of_too_many_are_refused(): void
    {
        $most = array_map(fn (int $n): array => ["Nia Number {$n}"], range(1, ClassList::MOST));
        $this->assertCount(ClassList::MOST, ClassList::ofTable([['Name'], ...$most])->students);
        $lists = [[[]], [['', ' ']], [['Name', 'Class']], [...$most, ['Tom Hale']]];
        $reasons = array_map(function (array $rows): string {
            try {
                ClassList::ofTable($rows);

                return 'taken';
            } catch (ListRefused $refused) {
                return $refused->reason;
            }
        }, $lists);
        $this->assertSame(['empty', 'empty', 'empty', 'too_long'], $reasons);
    }

    public function test_of_an_export_each_student_is_listed_once_for_each_class(): void
    {
        $list = ClassList::ofOneRoster(
            [
                ['sourcedid' => 'u1', 'role' => 'Student', 'givenname' => 'Antonia', 'familyname' => 'Penrose',
                    'preferredgivenname' => ' Nia ', 'preferredfamilyname' => ''],
                ['sourcedid' => 'u2', 'role' => 'student', 'givenname' => 'Tom', 'familyname' => 'Hale'],
                ['sourcedid' => 'u3', 'role' => 'student', 'givenname' => 'Ada', 'familyname' => 'Brine',
                    'status' => 'ToBeDeleted'],
                ['sourcedid' => 't1', 'role' => 'teacher', 'givenname' => 'Ms', 'familyname' => 'Marlow'],
                ['sourcedid' => 'u4', 'role' => 'student', 'givenname' => 'Ned', 'familyname' => 'Ousel'],
            ],
            [['sourcedid' => 'c1', 'title' => '6  Heron'], ['sourcedid' => 'c2', 'title' => '6 Curlew']],
            [
                ['classsourcedid' => 'c1', 'usersourcedid' => 'u1', 'role' => 'student'],
                ['classsourcedid' => 'c2', 'usersourcedid' => 'u1', 'role' => 'STUDENT'],
                ['classsourcedid' => 'c1', 'usersourcedid' => 't1', 'role' => 'teacher'],
                ['classsourcedid' => 'c2', 'usersourcedid' => 'u2', 'role' => 'student', 'status' => 'tobedeleted'],
                ['classsourcedid' => 'c1', 'usersourcedid' => 'u3', 'role' => 'student'],
                ['classsourcedid' => 'c7', 'usersourcedid' => 'u4', 'role' => 'student'],
            ],
        );
        $this->assertSame([
            ['Nia Penrose', '6 Heron', null],
            ['Nia Penrose', '6 Curlew', null],
            ['', '6 Heron', 'The list names nobody for this place in the class.'],
            ['Ned Ousel', '', 'The class is not in the list.'],
            ['Tom Hale', '', 'The class is missing.'],
        ], array_map(
            fn (ListedStudent $one): array => [$one->name(), $one->class, $one->trouble],
            $list->students,
        ));
    }
}
