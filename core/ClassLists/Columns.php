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

    private function __construct(
        public ?int $first,
        public ?int $last,
        public ?int $whole,
        public ?int $class,
        public bool $isHeaded,
    ) {
    }

    /** @param  non-empty-list<list<string>>  $rows  the whole table */
    public static function of(array $rows): self
    {
        return self::headed($rows[0]) ?? self::guessed($rows);
    }

    /** @param  list<string>  $row */
    private static function headed(array $row): ?self
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

        return $first === null && $whole === null ? null : new self($first, $last, $whole, $class, true);
    }

    /**
     * Without heads: a column of names; or first name, last name, class. Where each line was written as "Last, First",
     * the comma being no separator of columns but part of the name, it is the other way round.
     *
     * @param  list<list<string>>  $rows
     */
    private static function guessed(array $rows): self
    {
        $wide = max(0, ...array_map(count(...), $rows));
        if ($wide < 2) {
            return new self(null, null, 0, null, false);
        }
        $seconds = array_filter($rows, fn (array $row): bool => isset($row[1]) && trim($row[1]) !== '');
        // A first column of several words and a second that looks like a class: "Nia Penrose | 6 Heron".
        $isClass = fn (string $text): bool => preg_match('/\d/', $text) === 1;
        if ($wide === 2 && $seconds !== []) {
            $classes = array_filter($seconds, fn (array $row): bool => $isClass($row[1]));
            if (count($classes) * 2 > count($seconds)) {
                return new self(null, null, 0, 1, false);
            }
        }
        $spaced = array_filter($seconds, fn (array $row): bool => str_starts_with($row[1], ' '));
        $isTurned = $seconds !== [] && count($spaced) === count($seconds);

        return new self($isTurned ? 1 : 0, $isTurned ? 0 : 1, null, $wide > 2 ? 2 : null, false);
    }
}
