<?php

declare(strict_types=1);

namespace App\Exports;

use App\Actions\MarkByKey;
use App\Documents\FileRefused;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\School;
use App\View\ResultsRow;
use App\View\ResultsTable;
use DateTimeInterface;
use ZipArchive;

/**
 * The results of a class as gradebooks read them: OneRoster 1.1, CSV binding (1EdTech, 2017; from memory), all in bulk.
 * What is named is this program's own: who imports it says once which of its students are which, by their names.
 */
final readonly class OneRosterZip
{
    private const STATUS = 'active';

    public function __construct(private MarkByKey $byKey, private School $school)
    {
    }

    /**
     * @param  list<Handout>  $handouts  of the class, with their items
     * @param  string  $made  where the ZIP is to be
     *
     * @throws FileRefused when there is no room for it
     */
    public function write(SchoolClass $class, Teacher $teacher, array $handouts, string $made): void
    {
        $tables = array_filter($this->tables($class, $teacher, $handouts));
        $zip = new ZipArchive();
        $zip->open($made, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        foreach (['manifest' => $this->manifest(array_keys($tables))] + $tables as $name => $rows) {
            $zip->addFromString("{$name}.csv", self::csv($rows));
        }
        $zip->close() || throw FileRefused::notWritten();
    }

    /**
     * @param  list<Handout>  $handouts
     * @return array<string, list<array<string, string>>> rows by table, each with its columns in order
     */
    private function tables(SchoolClass $class, Teacher $teacher, array $handouts): array
    {
        $days = array_map(fn (Handout $one): string => $this->day($one->created_at), $handouts);
        $days[] = $this->day(now());
        sort($days);
        [$school, $course, $here] = ['school', "course-{$class->id}", "class-{$class->id}"];
        $students = $class->students()->get();
        $people = [
            ...$students->map(fn (Student $one): array => $this->person("student-{$one->id}", $one->name, 'student')),
            $this->person("teacher-{$teacher->id}", $teacher->name, 'teacher', $teacher->email),
        ];
        $lineItems = $results = [];
        foreach ($handouts as $handout) {
            $table = ResultsTable::of($handout, $this->byKey, $this->school);
            if ($table->full->isNone()) {
                continue;
            }
            $lineItems[] = $this->row("handout-{$handout->id}", [
                'title' => $handout->title,
                'description' => $handout->directions,
                'assignDate' => $this->day($handout->created_at),
                'dueDate' => $this->day($handout->times()->due ?? $handout->created_at),
                'classSourcedId' => $here,
                'categorySourcedId' => 'worksheets',
                'gradingPeriodSourcedId' => 'period',
                'resultValueMin' => '0',
                'resultValueMax' => self::number($table->full->number()),
            ]);
            foreach ($table->rows as $row) {
                $students->contains('id', $row->studentId) && ($results[] = $this->result($handout, $row));
            }
        }

        return [
            'academicSessions' => [
                $this->row('period', [
                    'title' => "{$days[0]} to ".end($days),
                    'type' => 'gradingPeriod',
                    'startDate' => $days[0],
                    'endDate' => end($days),
                    'parentSourcedId' => '',
                    'schoolYear' => substr(end($days), 0, 4),
                ]),
            ],
            'categories' => [$this->row('worksheets', ['title' => 'Worksheets'])],
            'classes' => [
                $this->row($here, [
                    'title' => $class->name,
                    'grades' => '',
                    'courseSourcedId' => $course,
                    'classCode' => $class->code,
                    'classType' => 'scheduled',
                    'location' => '',
                    'schoolSourcedId' => $school,
                    'termSourcedIds' => 'period',
                    'subjects' => '',
                    'subjectCodes' => '',
                    'periods' => '',
                ]),
            ],
            'courses' => [
                $this->row($course, [
                    'schoolYearSourcedId' => '',
                    'title' => $class->name,
                    'courseCode' => '',
                    'grades' => '',
                    'orgSourcedId' => $school,
                    'subjects' => '',
                    'subjectCodes' => '',
                ]),
            ],
            'enrollments' => array_map(
                fn (array $person): array => $this->row("{$here}-{$person['sourcedId']}", [
                    'classSourcedId' => $here,
                    'schoolSourcedId' => $school,
                    'userSourcedId' => $person['sourcedId'],
                    'role' => $person['role'],
                    'primary' => $person['role'] === 'teacher' ? 'true' : 'false',
                    'beginDate' => '',
                    'endDate' => '',
                ]),
                $people,
            ),
            'lineItems' => $lineItems,
            'orgs' => [
                $this->row($school, [
                    'name' => $this->school->name,
                    'type' => 'school',
                    'identifier' => '',
                    'parentSourcedId' => '',
                ]),
            ],
            'results' => $results,
            'users' => $people,
        ];
    }

    /** @return array<string, string> */
    private function result(Handout $handout, ResultsRow $row): array
    {
        return $this->row("handout-{$handout->id}-student-{$row->studentId}", [
            'lineItemSourcedId' => "handout-{$handout->id}",
            'studentSourcedId' => "student-{$row->studentId}",
            'scoreStatus' => match (true) {
                $row->excused => 'exempt',
                $row->total === null, str_contains($row->note, 'missing') => 'not submitted',
                $row->waiting !== [] => 'partially graded',
                default => 'fully graded',
            },
            'score' => $row->total === null ? '' : self::number($row->total->number()),
            'scoreDate' => $this->day(now()),
            'comment' => $row->note,
        ]);
    }

    /** @return array<string, string> */
    private function person(string $id, string $name, string $role, string $email = ''): array
    {
        // The last word is the family's, as far as anybody can tell; both have to be there.
        $words = preg_split('/\s+/u', trim($name)) ?: [$name];
        $family = count($words) > 1 ? (string) array_pop($words) : '–';

        return $this->row($id, [
            'enabledUser' => 'true',
            'orgSourcedIds' => 'school',
            'role' => $role,
            'username' => $id,
            'userIds' => '',
            'givenName' => implode(' ', $words),
            'familyName' => $family,
            'middleName' => '',
            'identifier' => '',
            'email' => $email,
            'sms' => '',
            'phone' => '',
            'agentSourcedIds' => '',
            'grades' => '',
            'password' => '',
        ]);
    }

    /**
     * @param  array<string, string>  $columns
     * @return array<string, string>
     */
    private function row(string $id, array $columns): array
    {
        $now = gmdate('Y-m-d\TH:i:s\Z', now()->getTimestamp());

        return ['sourcedId' => $id, 'status' => self::STATUS, 'dateLastModified' => $now] + $columns;
    }

    /**
     * @param  list<string>  $tables  that are there
     * @return list<array<string, string>>
     */
    private function manifest(array $tables): array
    {
        $said = ['manifest.version' => '1.0', 'oneroster.version' => '1.1'];
        foreach (
            [
                'academicSessions',
                'categories',
                'classes',
                'classResources',
                'courses',
                'courseResources',
                'demographics',
                'enrollments',
                'lineItems',
                'orgs',
                'resources',
                'results',
                'users',
            ] as $table
        ) {
            $said["file.{$table}"] = in_array($table, $tables, true) ? 'bulk' : 'absent';
        }
        $said += ['source.systemName' => 'Open Slate', 'source.systemCode' => 'open-slate'];

        return array_map(
            fn (string $name, string $value): array => ['propertyName' => $name, 'value' => $value],
            array_keys($said),
            $said,
        );
    }

    private function day(DateTimeInterface $time): string
    {
        return $this->school->local($time)->format('Y-m-d');
    }

    private static function number(float $points): string
    {
        return (string) round($points, 4);
    }

    /**
     * RFC 4180, for machines: what looks like a formula stays what it is.
     *
     * @param  list<array<string, string>>  $rows
     */
    private static function csv(array $rows): string
    {
        $file = fopen('php://memory', 'w+') ?: throw FileRefused::notWritten();
        foreach ($rows === [] ? [] : [array_keys($rows[0]), ...array_map(array_values(...), $rows)] as $row) {
            fputcsv($file, $row, escape: '', eol: "\r\n");
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }
}
