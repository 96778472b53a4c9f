<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\MarkByKey;
use App\Actions\MoveCopy;
use App\Actions\SaveWork;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\SchoolSettings;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\School;
use App\View\ClassResults;
use App\View\ResultsRow;
use App\View\ResultsTable;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Copies\Draft;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use RuntimeException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\TestCase;
use ZipArchive;

/** What a class earned in a handout, and over all of them. */
final class ResultsTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $class;

    private Handout $handout;

    /** By student: a and b of the sheet; null where nothing was handed in. */
    private const ANSWERS = [
        'Ada' => ['ebb', '12'],
        'Ben' => ['flood', '12'],
        'Cleo' => ['Flood', '7'],
        'Dan' => ['ebbb', '12'],
        'Eve' => null,
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create()->refresh();
        $this->class = SchoolClass::factory()
            ->of($this->teacher)
            ->create(['name' => '6 Heron']);
        foreach (array_keys(self::ANSWERS) as $name) {
            $this->class->students()->attach(Student::factory()->create(['name' => $name]));
        }
        $this->handout = $this->handOut('Tides');
        foreach (Copy::with(['student', 'item.edition'])->get() as $copy) {
            $this->work($copy, self::ANSWERS[$copy->student->name]);
        }
        $this->travelTo('2026-12-03 16:00:00');
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_students_by_questions_with_what_the_class_made_of_each(): void
    {
        $table = $this->table();
        $this->assertSame(
            [
                ['Ada', [2.0, 1.0], 3.0, ''],
                ['Ben', [0.0, 1.0], 1.0, ''],
                ['Cleo', [0.0, 0.0], 0.0, ''],
                ['Dan', [null, 1.0], 1.0, '1 to look at'],
                ['Eve', [null, null], 0.0, 'missing'],
            ],
            array_map(
                fn (ResultsRow $row): array => [
                    $row->student,
                    array_map(fn ($points) => $points?->number(), array_values($row->points)),
                    $row->total?->number(),
                    $row->note,
                ],
                $table->rows,
            ),
        );
        [$a, $b] = array_values($table->columns);
        $this->assertSame(['33 %', '75 %'], [$a->facility(), $b->facility()]);
        $this->assertSame('flood (2)', mb_strtolower($a->misconception));
        $this->assertSame('', $b->misconception, 'one wrong answer is not a common one');
        $page = $this->get("/handouts/{$this->handout->id}/results")->assertOk();
        foreach (['Eve', 'missing', '1 to look at', '33 %', 'work that is missing counts as zero'] as $words) {
            $this->assertReads($words, $page);
        }
    }

    public function test_missing_work_counts_as_the_school_says_and_before_it_is_due_not_at_all(): void
    {
        $school = SchoolSettings::create([
            'name' => 'Quay',
            'timezone' => 'UTC',
            'language' => 'en',
            'missing_work' => 'left_out',
        ]);
        $this->assertNull($this->table()->rows[4]->total);
        $school->update(['missing_work' => 'zero']);
        $this->assertSame(0.0, $this->table()->rows[4]->total?->number());
        $this->travelTo('2026-12-02 09:00:00');
        $this->assertSame([null, ''], [$this->table()->rows[4]->total, $this->table()->rows[4]->note]);
    }

    public function test_what_is_excused_does_not_count(): void
    {
        $eve = Copy::whereHas('student', fn ($student) => $student->where('name', 'Eve'))->sole();
        $this->post("/copies/{$eve->id}/excuse", ['excused' => 1])->assertSessionHas('done');
        $row = $this->table()->rows[4];
        $this->assertSame([null, 'excused'], [$row->total, $row->note]);
        $this->post("/copies/{$eve->id}/excuse", ['excused' => 0]);
        $this->assertSame('missing', $this->table()->rows[4]->note);
    }

    public function test_late_work_is_marked_as_such(): void
    {
        $eve = Copy::with('item.edition')->whereHas('student', fn ($student) => $student->where('name', 'Eve'))->sole();
        $this->work($eve, ['ebb', '1']);
        $this->assertSame(['late', 2.0], [$this->table()->rows[4]->note, $this->table()->rows[4]->total?->number()]);
    }

    public function test_they_leave_as_csv_and_as_xlsx(): void
    {
        $csv = $this->get("/handouts/{$this->handout->id}/results.csv")
            ->assertHeader('Content-Type', 'text/csv; charset=UTF-8')
            ->assertHeader('Content-Disposition', 'attachment; filename="results-tides.csv"');
        $lines = explode("\r\n", substr((string) $csv->getContent(), 3));
        $this->assertSame('Student,Class,1 Going out,2 How deep?,Points,Note', $lines[0]);
        $this->assertSame('Ada,6 Heron,2,1,3,', $lines[2]);
        $this->assertSame('Dan,6 Heron,,1,1,1 to look at', $lines[5]);
        $this->assertSame('Facility,,0.3333,0.75,,', $lines[7]);
        $xlsx = $this->get("/handouts/{$this->handout->id}/results.xlsx")->assertOk();
        $this->assertStringStartsWith('PK', (string) $xlsx->getContent());
        $this->get("/handouts/{$this->handout->id}/results.pdf")->assertNotFound();
    }

    public function test_a_class_over_its_handouts(): void
    {
        $this->travelTo('2026-12-03 09:00:00');
        $second = $this->handOut('More tides');
        foreach (
            Copy::with(['student', 'item.edition'])
                ->whereRelation('item', 'handout_id', $second->id)
                ->get() as $copy
        ) {
            $this->work($copy, ['ebb', '12']);
        }
        $this->travelTo('2026-12-03 16:00:00');
        $results = ClassResults::of($this->class, $this->teacher, app(MarkByKey::class), app(School::class));
        $this->assertSame(
            ['More tides', 'Tides'],
            array_map(fn (array $one): string => $one[0]->title, $results->columns),
        );
        $this->assertSame(
            ['Ada' => 1.0, 'Ben' => 0.6667, 'Cleo' => 0.5, 'Dan' => 0.6667, 'Eve' => 0.5],
            array_column(
                array_map(fn (array $row): array => [$row[0], round((float) $row[2], 4)], $results->rows),
                1,
                0,
            ),
        );
        $this->get("/classes/{$this->class->id}/results")
            ->assertOk()
            ->assertSee('More tides');
        $csv = (string) $this->get("/classes/{$this->class->id}/results.csv")->getContent();
        $this->assertStringContainsString("Ben,3,1,0.6667\r\n", $csv);
        $this->actingAs(Teacher::factory()->create()->refresh(), 'teacher');
        $this->get("/classes/{$this->class->id}/results")->assertForbidden();
        $this->get("/handouts/{$this->handout->id}/results.csv")->assertForbidden();
    }

    public function test_a_class_leaves_for_a_gradebook_with_all_that_is_named_in_it(): void
    {
        $ben = Copy::with('students')->whereRelation('student', 'name', 'Ben')->sole();
        $ben->excuse((int) $ben->student_id, true);
        Student::where('name', 'Cleo')->update(['name' => 'Cleo "Clo" Marsh, the second']);
        $this->travelTo('2026-12-09 09:00:00');
        $this->actingAs($this->teacher, 'teacher');
        $file = $this->get(route('classes.results.gradebook', $this->class))->assertOk();
        $this->assertInstanceOf(BinaryFileResponse::class, $file->baseResponse);
        $zip = new ZipArchive();
        $this->assertTrue($zip->open($file->baseResponse->getFile()->getPathname()));
        $tables = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $name = (string) $zip->getNameIndex($at);
            $tables[basename($name, '.csv')] = self::rows((string) $zip->getFromIndex($at));
        }
        // What the manifest says is there is there, and nothing else.
        $said = array_column($tables['manifest'], 'value', 'propertyName');
        $this->assertSame(['1.0', '1.1'], [$said['manifest.version'], $said['oneroster.version']]);
        foreach ($said as $name => $how) {
            if (str_starts_with($name, 'file.')) {
                $this->assertSame(isset($tables[substr($name, 5)]) ? 'bulk' : 'absent', $how, $name);
            }
        }
        // The columns of the standard, in its order (OneRoster 1.1 CSV tables, from memory).
        $this->assertSame(
            [
                'sourcedId',
                'status',
                'dateLastModified',
                'lineItemSourcedId',
                'studentSourcedId',
                'scoreStatus',
                'score',
                'scoreDate',
                'comment',
            ],
            array_keys($tables['results'][0]),
        );
        $this->assertSame(
            [
                'sourcedId',
                'status',
                'dateLastModified',
                'title',
                'description',
                'assignDate',
                'dueDate',
                'classSourcedId',
                'categorySourcedId',
                'gradingPeriodSourcedId',
                'resultValueMin',
                'resultValueMax',
            ],
            array_keys($tables['lineItems'][0]),
        );
        // Whatever names something else names what is there.
        $ids = array_map(fn (array $rows): array => array_column($rows, 'sourcedId'), $tables);
        $names = [
            'academicSessions' => ['gradingPeriodSourcedId', 'termSourcedIds'],
            'categories' => ['categorySourcedId'],
            'classes' => ['classSourcedId'],
            'courses' => ['courseSourcedId'],
            'lineItems' => ['lineItemSourcedId'],
            'orgs' => ['schoolSourcedId', 'orgSourcedId', 'orgSourcedIds'],
            'users' => ['studentSourcedId', 'userSourcedId'],
        ];
        foreach ($tables as $rows) {
            foreach ($rows as $row) {
                foreach ($names as $table => $columns) {
                    foreach (array_intersect_key($row, array_flip($columns)) as $column => $id) {
                        $this->assertContains($id, $ids[$table], "{$column} {$id}");
                    }
                }
            }
        }
        $people = array_column($tables['users'], null, 'sourcedId');
        $results = [];
        foreach ($tables['results'] as $row) {
            $results[$people[$row['studentSourcedId']]['givenName']] = [$row['scoreStatus'], $row['score']];
        }
        $full = $this->table()->full->number();
        $this->assertSame((string) $full, $tables['lineItems'][0]['resultValueMax']);
        foreach ($this->table()->rows as $row) {
            $given = str_starts_with($row->student, 'Cleo') ? 'Cleo "Clo" Marsh, the' : $row->student;
            $status = match (true) {
                $row->student === 'Ben' => 'exempt',
                $row->student === 'Eve' => 'not submitted',
                $row->waiting !== [] => 'partially graded',
                default => 'fully graded',
            };
            $this->assertSame([$status, $row->total === null ? '' : (string) $row->total->number()], $results[$given]);
        }
    }

    /** @return list<array<string, string>> */
    private static function rows(string $csv): array
    {
        $file = fopen('php://memory', 'w+') ?: throw new RuntimeException('no memory');
        fwrite($file, $csv);
        rewind($file);
        $head = fgetcsv($file, escape: '') ?: [];
        $rows = [];
        while (($row = fgetcsv($file, escape: '')) !== false) {
            $rows[] = array_combine($head, $row);
        }

        return $rows;
    }

    private function handOut(string $title): Handout
    {
        $worksheet = Worksheet::factory()
            ->withPages(
                new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Going out', points: 2.0, key: ['ebb']),
                new AnswerBox(
                    'b',
                    Frame::of(50, 200, 100, 18),
                    new NumberAnswer(),
                    'How deep?',
                    points: 1.0,
                    key: ['12'],
                ),
            )
            ->create(['teacher_id' => $this->teacher->id]);

        return app(HandOutWorksheets::class)($this->teacher, new HandoutPlan(
            $title,
            '',
            CarbonImmutable::parse('2026-12-03 15:30 UTC'),
            null,
            [[$worksheet, Mode::OwnCopy]],
            [$this->class],
        ));
    }

    /** @param  array{string, string}|null  $answers */
    private function work(Copy $copy, ?array $answers): void
    {
        if ($answers !== null) {
            $typed = ['1.a' => $answers[0], '1.b' => $answers[1]];
            app(SaveWork::class)($copy, new Draft(9, 'test', $typed), $copy->item->edition->placesToFill(), 1);
            app(MoveCopy::class)->handIn($copy);
        }
    }

    private function table(): ResultsTable
    {
        return ResultsTable::of(
            $this->handout->fresh() ?? $this->handout,
            app(MarkByKey::class),
            SchoolSettings::school(),
        );
    }
}
