<?php

declare(strict_types=1);

namespace OpenSlate\ClassLists;

/** Which column of a table says what, by the words at its head, or by how such tables are usually written. */
final readonly class Columns
{
    /** What heads of columns say, in small letters without spaces and marks; several languages of Europe. */
    private const FIRST = [
        'first', 'firstname', 'firstnames', 'given', 'givenname', 'givennames', 'forename', 'forenames',
        'preferredname', 'preferredfirstname', 'preferredgivenname', 'vorname', 'prénom', 'prenom', 'nombre',
        'nome', 'voornaam', 'fornavn', 'förnamn', 'imię', 'imie', 'christianname',
    ];

    private const LAST = [
        'last', 'lastname', 'surname', 'family', 'familyname', 'secondname', 'nachname', 'familienname', 'nom',
        'nomdefamille', 'apellido', 'apellidos', 'cognome', 'achternaam', 'etternavn', 'efternavn', 'efternamn',
        'nazwisko', 'legalsurname',
    ];

    private const WHOLE = [
        'name', 'names', 'fullname', 'student', 'students', 'studentname', 'studentsname', 'pupil', 'pupils',
        'pupilname', 'learner', 'learnername', 'child', 'childname', 'schüler', 'schueler', 'élève', 'eleve', 'alumno',
        'displayname', 'nameofstudent', 'nameofpupil', 'lastnamefirstname', 'surnamefirstname', 'surnameforename',
        'familynamegivenname', 'namelastfirst', 'lastfirst', 'namevorname', 'nachnamevorname', 'nomprénom', 'nomprenom',
    ];

    private const CLASSES = [
        'class', 'classname', 'classes', 'form', 'formgroup', 'group', 'groupname', 'set', 'section', 'sectionname',
        'tutorgroup', 'registrationgroup', 'reggroup', 'registration', 'reg', 'homeroom', 'course', 'coursename',
        'teachinggroup', 'klasse', 'classe', 'clase', 'klas', 'klass', 'gruppe', 'yeargroup', 'division',
    ];

    /** Above its heads a table may have a title, a date, the name of the school. */
    private const MOST_ABOVE = 5;

    /** @param  int  $heads  rows before the first student's */
    private function __construct(
        public ?int $first,
        public ?int $last,
        public ?int $whole,
        public ?int $class,
        public int $heads = 0,
    ) {
    }

    /** @param  non-empty-list<list<string>>  $rows  the whole table */
    public static function of(array $rows): self
    {
        $widest = 0;
        foreach (array_slice($rows, 0, self::MOST_ABOVE + 1) as $above => $row) {
            $filled = count(array_filter($row, fn (string $cell): bool => trim($cell) !== ''));
            // What stands above heads is shorter than they are; among rows of students, "Child" is a student's name.
            $columns = $filled > $widest ? self::headed($row, $above + 1) : null;
            if ($columns !== null) {
                return $columns;
            }
            $widest = max($widest, $filled);
        }

        return self::guessed($rows);
    }

    /** @param  list<string>  $row */
    private static function headed(array $row, int $heads): ?self
    {
        $find = function (array $words) use ($row): ?int {
            foreach ($words as $word) {
                foreach ($row as $at => $head) {
                    if (preg_replace('/[^\p{L}\p{N}]/u', '', mb_strtolower($head)) === $word) {
                        return $at;
                    }
                }
            }

            return null;
        };
        [$first, $last, $whole, $class] = array_map($find, [self::FIRST, self::LAST, self::WHOLE, self::CLASSES]);
        // In French "nom" beside "prénom" is the family's; by itself a name is whole.
        if ($first === null && $last !== null && $whole === null) {
            [$whole, $last] = [$last, null];
        }

        return $first === null && $whole === null ? null : new self($first, $last, $whole, $class, $heads);
    }

    /**
     * Without heads: a column of names, or two; then the class. Where each line was written as "Last, First", the comma
     * being no separator of columns but part of the name, it is the other way round. Numbers, dates and addresses are
     * passed over.
     *
     * @param  non-empty-list<list<string>>  $rows
     */
    private static function guessed(array $rows): self
    {
        $cells = fn (int $at): array => array_values(
            array_filter(array_column($rows, $at), fn (string $cell): bool => trim($cell) !== ''),
        );
        $wide = max(array_map(count(...), $rows));
        $named = [];
        $class = null;
        for ($at = 0; $at < $wide; $at++) {
            // The first may count the rows: "1. Brine". Later that is a class: "5. Klasse".
            $number = $named === [] ? '(?:\(?\d{1,3}[.):]\s*)?' : '';
            if (self::mostly($cells($at), "/^{$number}[^\\d@]*\\p{L}[^\\d@]*$/u")) {
                $named[] = $at;
            } elseif ($named !== [] && self::areClasses($cells($at))) {
                $class ??= $at;
            }
        }
        if (count($named) < 2) {
            return new self(null, null, $named[0] ?? 0, $class);
        }
        [$one, $other] = $named;
        // "Nia Penrose | Heron": whole names, and beside them what many have in common.
        if (count($named) === 2 && $class === null && self::areShared($cells($other)) &&
            self::mostly($cells($one), '/\p{L}\S*\s+\S*\p{L}/u')) {
            return new self(null, null, $one, $other);
        }
        $seconds = $cells($other);
        $isTurned = array_filter($seconds, fn (string $cell): bool => ! str_starts_with($cell, ' ')) === [];

        return new self($isTurned ? $other : $one, $isTurned ? $one : $other, null, $class ?? $named[2] ?? null);
    }

    /** @param  list<string>  $cells */
    private static function mostly(array $cells, string $pattern): bool
    {
        return count((array) preg_grep($pattern, $cells)) * 2 > count($cells);
    }

    /**
     * "6 Heron", or a bare number that several have in common; a date and an address are none.
     *
     * @param  list<string>  $cells
     */
    private static function areClasses(array $cells): bool
    {
        return self::mostly($cells, '/^(?=.*\p{L})(?=.*\d)[^@]*$/u') ||
            (self::areShared($cells) && self::mostly($cells, '/^\s*\d{1,2}\s*$/'));
    }

    /** @param  list<string>  $cells */
    private static function areShared(array $cells): bool
    {
        $said = array_unique(array_map(fn (string $cell): string => mb_strtolower(PersonName::tidy($cell)), $cells));

        return count($cells) > 2 && count($said) * 2 <= count($cells);
    }
}
