<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\SaveWork;
use App\Actions\SweepPictures;
use App\Documents\FileStore;
use App\Documents\Pdf\PdfReader;
use App\Models\Copy;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Copies\Draft;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Patch;
use OpenSlate\Forms\FieldKind;
use OpenSlate\Forms\PageFields;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Paper\Colour;
use Symfony\Component\Process\Process;
use Tests\Support\HandsOutOneSheet;
use Tests\Support\PdfMaker;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;
use ZipArchive;

/** What leaves as PDF: worksheets with form fields or for paper, and copies as they were filled. */
final class LeavingTest extends TestCase
{
    use HandsOutOneSheet;
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Teacher $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_a_worksheet_leaves_with_its_print_as_print_and_its_boxes_as_fields(): void
    {
        $worksheet = $this->tideTimes();
        app(ApplyEdit::class)(
            $worksheet->pages[0],
            1,
            new Place([new AnswerBox('day', Frame::of(140, 283, 120, 18), prompt: 'Which day?', needed: true)]),
        );
        $export = $this->asked($worksheet, ['kind' => 'form', 'pages' => '1']);
        $this->assertSame(ExportState::Ready, $export->state);
        $path = $this->path($export);
        $text = (new Process(['pdftotext', '-layout', $path, '-']))->mustRun()->getOutput();
        $this->assertStringContainsString('Tide times at Saltmarsh Quay', $text);
        $fields = json_decode(
            (new Process(['node', base_path('tests/Reference/form-fields.mjs'), $path], base_path()))
                ->mustRun()
                ->getOutput(),
            true,
        );
        $this->assertSame(['1-day'], array_column($fields, 'name'));
        $this->assertSame(
            [140.0, 283.0, 120.0, 18.0],
            array_map(fn (float $side): float => round($side, 1), $this->fromTop($path, $fields[0]['rectangle'])),
        );
    }

    public function test_on_all_demo_sheets_every_box_is_a_field_where_it_lies_and_no_two_have_one_name(): void
    {
        foreach (['tide-times', 'harbour-log-workbook', 'working-harbour-pack'] as $sheet) {
            $demo = base_path("database/demo/{$sheet}.pdf");
            $worksheet = app(BringInFile::class)($this->teacher, $demo, "{$sheet}.pdf")->refresh();
            $this->post("/worksheets/{$worksheet->id}/blanks")->assertSessionHasNoErrors();
            $export = $this->asked($worksheet, ['kind' => 'form', 'pages' => '1-']);
            $path = $this->path($export);
            $fields = json_decode(
                (new Process(['node', base_path('tests/Reference/form-fields.mjs'), $path], base_path()))
                    ->mustRun()
                    ->getOutput(),
                true,
            );
            $boxes = app(PdfReader::class)->boxes($path);
            $there = [];
            foreach ($fields as $field) {
                [$x, $y, $width, $height] = $field['rectangle'];
                $there[$field['name']][] = $boxes[$field['page']]->place([$x, $y, $x + $width, $y + $height]);
            }
            $wanted = 0;
            foreach ($worksheet->pages()->with('current')->get() as $row) {
                foreach (PageFields::of($row->current->page(), $row->number(), []) as $field) {
                    $wanted++;
                    $frames = $field->kind === FieldKind::Choice ? array_column($field->options, 1) : [$field->frame];
                    $this->assertCount(count($frames), $there[$field->name] ?? [], "{$sheet}: {$field->name}");
                    foreach ($frames as $index => $frame) {
                        $is = $there[$field->name][$index];
                        $this->assertEqualsWithDelta(
                            [$frame->x, $frame->y, $frame->width, $frame->height],
                            [$is->x, $is->y, $is->width, $is->height],
                            0.1,
                            "{$sheet}: {$field->name}",
                        );
                    }
                }
            }
            $this->assertCount($wanted, $there);
            $this->assertGreaterThan(6, $wanted);
        }
    }

    public function test_what_is_covered_cannot_be_lifted_out_of_the_file(): void
    {
        $worksheet = $this->tideTimes();
        app(ApplyEdit::class)($worksheet->pages[0], 1, new Place([new Patch('p', Frame::of(0, 0, 594, 120))]));
        $this->get(route('leaving', $worksheet))->assertSee('Something is covered or cut off on page')->assertOk();
        $path = $this->path($this->asked($worksheet, ['kind' => 'paper', 'pages' => '1']));
        $inside = (new Process(['pdftotext', $path, '-']))->mustRun()->getOutput();
        $this->assertStringNotContainsString('Saltmarsh', $inside);
        (new Process(['pdfimages', '-png', $path, "{$path}-i"]))->mustRun();
        // What is under the patch is not in the picture either: all of it there is paper.
        $picture = imagecreatefrompng("{$path}-i-000.png");
        $this->assertNotFalse($picture);
        for ($x = 0; $x < imagesx($picture); $x += 3) {
            $this->assertSame(0xFFFFFF, imagecolorat($picture, $x, (int) ((imagesy($picture) * 100) / 842)) & 0xFFFFFF);
        }
    }

    public function test_pages_for_the_teacher_alone_are_left_out_at_first_and_come_where_they_are_named(): void
    {
        $worksheet = app(BringInFile::class)(
            $this->teacher,
            base_path('database/demo/working-harbour-pack.pdf'),
            'pack.pdf',
        )->refresh();
        $this->get(route('leaving', $worksheet))
            ->assertOk()
            ->assertSee('name="pages"', false)
            ->assertDontSee('value="1–20"', false);
        $export = $this->asked($worksheet, ['kind' => 'paper', 'pages' => '8, 6-7']);
        $this->assertSame([8, 6, 7], $export->choices['pages']);
        $text = (new Process(['pdftotext', $this->path($export), '-']))->mustRun()->getOutput();
        $this->assertSame(3, substr_count($text, "\f"));
        $this->assertMatchesRegularExpression('/Page 8 of 20.*Page 6 of 20.*Page 7 of 20/s', $text);
    }

    public function test_the_key_has_the_right_answers_in_their_places_and_what_students_get_has_none(): void
    {
        $worksheet = Worksheet::factory()
            ->withPages(
                new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Tide', key: ['quoxle', 'other']),
                new AnswerBox(
                    'p',
                    Frame::of(50, 300, 300, 80),
                    PassageAnswer::of('the tide are high', 'the tide is high'),
                ),
            )
            ->create(['teacher_id' => $this->teacher->id]);
        $words = fn (string $kind): string => $this->wordsOf(
            (string) file_get_contents($this->path($this->asked($worksheet, ['kind' => $kind, 'pages' => '1']))),
        );
        $this->assertStringContainsString('quoxle', $words('key'));
        $this->assertStringContainsString('is high', (string) preg_replace('/\s+/', ' ', $words('key')));
        foreach (['form', 'paper'] as $kind) {
            $this->assertStringNotContainsString('quoxle', $words($kind));
            $this->assertStringNotContainsString('is high', $words($kind));
        }
    }

    public function test_pages_that_are_not_there_are_named(): void
    {
        $worksheet = $this->tideTimes();
        $this->from(route('leaving', $worksheet))
            ->post(route('leaving.make', $worksheet), ['kind' => 'form', 'pages' => '1, 7'])
            ->assertSessionHasErrors('pages');
        $this->post(route('leaving.make', $worksheet), ['kind' => 'copies', 'pages' => '1'])->assertSessionHasErrors(
            'kind',
        );
        $this->assertSame(0, Export::count());
    }

    public function test_a_class_leaves_as_one_file_in_the_order_of_names_or_as_a_file_each(): void
    {
        $item = $this->itemOf(['Wilf Sandry', 'Ada Quill', 'Ada Quill', 'a/b\\c:*?']);
        $copies = $item
            ->copies()
            ->with(['student', 'students'])
            ->get()
            ->keyBy(fn (Copy $copy): string => $copy->whose());
        $this->write($copies['Wilf Sandry'], 'high <b>water</b> & ÄÖ 水 ظهر');
        $one = $this->askedOf($item, ['who' => 'all', 'files' => 'one']);
        $text = (new Process(['pdftotext', $this->path($one), '-']))->mustRun()->getOutput();
        $this->assertSame(4, substr_count($text, "\f"));
        $pages = explode("\f", $text);
        $this->assertStringContainsString('high <b>water</b> & ÄÖ 水', $pages[3]);
        $this->assertSame('', trim($pages[0]));

        $each = $this->askedOf($item, ['who' => 'all', 'files' => 'each']);
        $zip = new ZipArchive();
        $this->assertTrue($zip->open($this->path($each)));
        $names = array_map(fn (int $at): string => (string) $zip->getNameIndex($at), range(0, $zip->numFiles - 1));
        sort($names);
        $this->assertSame(['Ada Quill (2).pdf', 'Ada Quill.pdf', 'Wilf Sandry.pdf', 'a b c.pdf'], $names);
        // Nobody's file has anything of another's.
        $this->assertStringContainsString('high', $this->wordsOf((string) $zip->getFromName('Wilf Sandry.pdf')));
        foreach (['Ada Quill (2).pdf', 'Ada Quill.pdf', 'a b c.pdf'] as $other) {
            $pdf = PdfMaker::file((string) $zip->getFromName($other), 'other.pdf');
            $inside = (new Process(['qpdf', '--qdf', '--object-streams=disable', $pdf, '-']))->mustRun()->getOutput();
            $this->assertStringNotContainsString('high', $inside.$this->wordsOf((string) $zip->getFromName($other)));
        }
    }

    public function test_an_answer_that_has_no_room_stands_in_full_on_a_sheet_behind(): void
    {
        $item = $this->itemOf(['Ada Quill', 'Wilf Sandry']);
        $long = implode(' ', array_map(fn (int $n): string => "reason{$n}", range(1, 60)));
        $copies = $item
            ->copies()
            ->with(['student', 'students'])
            ->get()
            ->keyBy(fn (Copy $copy): string => $copy->whose());
        $this->write($copies['Ada Quill'], $long);
        $this->write($copies['Wilf Sandry'], 'short');
        $path = $this->path($this->askedOf($item, ['who' => 'begun', 'files' => 'one']));
        $pages = explode("\f", (new Process(['pdftotext', $path, '-']))->mustRun()->getOutput());
        $this->assertCount(4, $pages, 'three pages, and nothing after the last');
        $this->assertStringContainsString('Page 1, in full: Tide', $pages[1]);
        $this->assertSame($long, trim((string) preg_replace('/^.*in full: Tide|\s+/s', ' ', $pages[1])));
        $this->assertStringContainsString('short', $pages[2]);
    }

    public function test_what_a_patch_hides_on_a_copy_is_in_no_pdf_of_it(): void
    {
        $class = SchoolClass::factory()->of($this->teacher)->create();
        $class->students()->attach(Student::factory()->create(['name' => 'Ada Quill']));
        $worksheet = Worksheet::factory()
            ->withPages(
                new Label('l', Frame::of(50, 50, 200, 18), 'the answer is twelve'),
                new Patch('p', Frame::of(40, 40, 300, 40)),
                new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Tide'),
                new Label('s', Frame::of(50, 150, 200, 18), 'seen by all'),
            )
            ->create(['teacher_id' => $this->teacher->id]);
        $item = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('Tides', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
        )->items()->sole();
        $copy = $item->copies()->sole();
        foreach (['one' => 'all', 'forms' => 'one'] as $files => $who) {
            $words = $this->wordsOf((string) file_get_contents($this->path(
                $this->askedOf($item, ['who' => $who, 'copy' => $copy->id, 'files' => $files]),
            )));
            $this->assertStringContainsString('seen by all', $words);
            $this->assertStringNotContainsString('twelve', $words);
        }
    }

    public function test_marks_and_comments_go_along_where_they_are_wanted(): void
    {
        $item = $this->itemOf(['Ada Quill']);
        $copy = $item->copies[0];
        $this->write($copy, 'wrongly');
        $copy
            ->comments()
            ->create(['teacher_id' => $this->teacher->id, 'place' => null, 'words' => 'Look at it again.']);
        $words = fn (array $choices): string => (new Process([
            'pdftotext',
            $this->path($this->askedOf($item, $choices + ['who' => 'all', 'files' => 'one'])),
            '-',
        ]))
            ->mustRun()
            ->getOutput();
        $with = $words(['marks' => '1']);
        $this->assertStringContainsString('0 of 1 point', $with);
        $this->assertStringContainsString('Look at it again.', $with);
        $without = $words([]);
        $this->assertStringContainsString('wrongly', $without);
        $this->assertStringNotContainsString('of 1 point', $without);
        $this->assertStringNotContainsString('Look at it again.', $without);
    }

    public function test_all_that_a_student_has_done_leaves_as_pdf_and_json_and_nothing_of_others(): void
    {
        $item = $this->itemOf(['Ada Quill', 'Wilf Sandry']);
        $copies = $item
            ->copies()
            ->with(['student', 'students'])
            ->get()
            ->keyBy(fn (Copy $copy): string => $copy->whose());
        $this->write($copies['Ada Quill'], 'quoxle');
        $this->write($copies['Wilf Sandry'], 'sandry wrote this');
        $copies['Ada Quill']
            ->comments()
            ->create(['teacher_id' => $this->teacher->id, 'place' => null, 'words' => 'Fine.']);
        $class = $item->handout->classes()->firstOrFail();
        $address = [$class, $copies['Ada Quill']->student_id];
        $this->get(route('students.work', $address))->assertOk()->assertSee('1 copy of what you watch');
        $this->post(route('students.work.make', $address))->assertRedirect(route('students.work', $address));
        $export = Export::latest('id')->firstOrFail();
        $zip = new ZipArchive();
        $this->assertTrue($zip->open($this->path($export)));
        $this->assertSame(3, $zip->numFiles);
        $name = "Tides, {$item->edition->name}";
        $told = json_decode((string) $zip->getFromName("{$name}.json"), true);
        $this->assertSame(
            ['Tides', ['Ada Quill'], ['Fine.'], '1 of 1 point'],
            [$told['handout'], $told['of'], $told['comments'], $told['points']],
        );
        $this->assertSame(
            [
                'page' => 1,
                'place' => 'a',
                'asked' => 'Tide',
                'answer' => 'quoxle',
                'kept' => 'quoxle',
                'points' => '1',
                'comments' => [],
            ],
            $told['answers'][0],
        );
        $this->assertStringContainsString('quoxle', $this->wordsOf((string) $zip->getFromName("{$name}.pdf")));
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $this->assertStringNotContainsString('sandry', (string) $zip->getFromIndex($at));
        }
        // Who teaches the class no more takes nothing along.
        $class->teachers()->detach();
        $this->get(route('exports.file', $export))->assertForbidden();
        $this->get(route('students.work', $address))->assertForbidden();
    }

    public function test_it_is_for_whoever_asked_and_only_as_long_as_they_may_see_what_is_in_it(): void
    {
        $item = $this->itemOf(['Ada Quill']);
        $export = $this->askedOf($item, ['who' => 'all', 'files' => 'one']);
        $this->get(route('exports.file', $export))->assertOk()->assertHeader('content-type', 'application/pdf');
        $this->get(route('exports.show', $export))->assertOk()->assertSee('Take the');
        $other = Teacher::factory()->create();
        $this->actingAs($other, 'teacher')->get(route('exports.file', $export))->assertForbidden();
        $this->actingAs($this->teacher, 'teacher');
        $item->handout->update(['teacher_id' => $other->id]);
        $item->handout->classes()->detach();
        $this->get(route('exports.file', $export))->assertForbidden();
    }

    public function test_it_is_thrown_away_after_a_day_or_before(): void
    {
        $worksheet = $this->tideTimes();
        $export = $this->asked($worksheet, ['kind' => 'paper', 'pages' => '1']);
        $path = $this->path($export);
        $this->travel(23)->hours();
        app(SweepPictures::class)();
        $this->assertFileExists($path);
        $this->travel(2)->hours();
        app(SweepPictures::class)();
        $this->assertFileDoesNotExist($path);
        $this->assertSame(0, Export::count());

        $again = $this->asked($worksheet, ['kind' => 'paper', 'pages' => '1']);
        $this->delete(route('exports.destroy', $again))->assertRedirect();
        $this->assertNull(Export::find($again->id));
        $this->assertNull(StoredFile::find($again->sha256), 'nobody else names it');
    }

    public function test_so_many_at_once_and_no_more(): void
    {
        Queue::fake();
        $worksheet = Worksheet::factory()
            ->withPages()
            ->create(['teacher_id' => $this->teacher->id]);
        for ($n = 0; $n < 6; $n++) {
            $this->post(route('leaving.make', $worksheet), [
                'kind' => 'form',
                'pages' => '1',
            ])->assertSessionHasNoErrors();
        }
        $this->post(route('leaving.make', $worksheet), ['kind' => 'form', 'pages' => '1'])->assertSessionHasErrors(
            'refused',
        );
        $this->assertSame(6, Export::count());
    }

    public function test_without_a_browser_it_says_so_and_what_to_do(): void
    {
        config(['slate.printing.browser' => 'no-such-browser']);
        $worksheet = $this->tideTimes();
        $this->get(route('leaving', $worksheet))->assertOk()->assertSee('no browser that lays pages out');
        $this->post(route('leaving.make', $worksheet), ['kind' => 'form', 'pages' => '1'])->assertSessionHasErrors(
            'refused',
        );
    }

    public function test_what_cannot_be_made_says_why_and_leaves_nothing_half_done(): void
    {
        config(['slate.printing.most_pages' => 1]);
        $item = $this->itemOf(['Ada Quill', 'Wilf Sandry']);
        $export = $this->askedOf($item, ['who' => 'all', 'files' => 'one']);
        $this->assertSame(ExportState::Refused, $export->state);
        $this->get(route('copies.leaving', $item))->assertOk()->assertSee('Make it of fewer pages');
        $this->get(route('exports.file', $export))->assertNotFound();
    }

    public function test_what_is_written_is_read_aloud_in_order_by_the_tags_of_the_page(): void
    {
        $worksheet = $this->tideTimes();
        app(ApplyEdit::class)($worksheet->pages[0], 1, new Place([
            new Label('low', Frame::of(60, 700, 300, 20), text: 'Below everything'),
            new Label('high', Frame::of(60, 20, 300, 20), text: 'Above everything'),
        ]));
        // Over a print, and with codes laid on it, too: what is laid together must not take the marks away.
        $class = SchoolClass::factory()->of($this->teacher)->create();
        $class->students()->attach(Student::factory()->create(['name' => 'Ada Quill']));
        $item = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('Tides', '', null, null, [[$worksheet->refresh(), Mode::OwnCopy]], [$class]),
        )->items()->firstOrFail();
        foreach (['1', null] as $codes) {
            $export = $this->askedOf($item, ['who' => 'all', 'files' => 'one', 'names' => '1', 'codes' => $codes]);
            // ISO 32000-1, 14.8; read by poppler.
            $said = (new Process(['pdfinfo', '-struct-text', $this->path($export)]))->mustRun()->getOutput();
            $places = array_map(
                fn (string $words): int|false => strpos($said, "\"{$words}"),
                ['Above everything', 'Below everything', 'Ada Quill'],
            );
            $this->assertNotContains(false, $places, $said);
            $this->assertSame($places, collect($places)->sort()->values()->all());
            // What is printed beneath is said as the words of a picture, before what lies on it; and is there once.
            $objects = (new Process(['qpdf', '--json=2', '--json-key=qpdf', $this->path($export)]))->mustRun();
            $told = [];
            $all = json_decode($objects->getOutput(), true);
            array_walk_recursive($all, function (mixed $value, int|string $name) use (&$told): void {
                $name === '/Alt' && ($told[] = $value);
            });
            $this->assertStringContainsString('Which day has the earlier low water?', implode("\n", $told));
            $words = (new Process(['pdftotext', $this->path($export), '-']))->mustRun()->getOutput();
            $this->assertSame(1, substr_count($words, 'Which day has the earlier low water?'));
        }
    }

    public function test_what_is_printed_in_black_alone_has_no_colour_and_is_the_same_else(): void
    {
        $worksheet = $this->tideTimes();
        app(ApplyEdit::class)($worksheet->pages[0], 1, new Place([
            new Label('red', Frame::of(60, 700, 300, 30), text: 'In red ink', colour: Colour::of('#C81E1E')),
        ]));
        [$colours, $grey] = array_map(
            fn (?string $grey): string => $this->path(
                $this->asked($worksheet, ['kind' => 'paper', 'pages' => '1', 'grey' => $grey]),
            ),
            [null, '1'],
        );
        foreach ([[$colours, true], [$grey, false]] as [$path, $isInColour]) {
            $drawn = (new Process(['pdftoppm', '-r', '40', '-singlefile', $path]))->mustRun()->getOutput();
            preg_match('/^P6\s+\d+\s+\d+\s+255\s/', $drawn, $head);
            $coloured = array_filter(
                str_split(substr($drawn, strlen($head[0])), 3),
                fn (string $dot): bool => max(ord($dot[0]), ord($dot[1]), ord($dot[2])) -
                    min(ord($dot[0]), ord($dot[1]), ord($dot[2])) > 8,
            );
            $this->assertSame($isInColour, $coloured !== []);
            $words = (new Process(['pdftotext', $path, '-']))->mustRun()->getOutput();
            $this->assertStringContainsString('In red ink', $words);
            $this->assertStringContainsString('Which day has the earlier low water?', $words);
        }
    }

    private function tideTimes(): Worksheet
    {
        return app(BringInFile::class)(
            $this->teacher,
            base_path('database/demo/tide-times.pdf'),
            'tide-times.pdf',
        )->refresh();
    }

    /** @param  list<string>  $students */
    private function itemOf(array $students): HandoutItem
    {
        return $this->handOutOneSheet($this->teacher, $students)
            ->items()
            ->with(['copies', 'handout', 'edition'])
            ->first() ?? $this->fail('nothing was handed out');
    }

    private function write(Copy $copy, string $words): void
    {
        $places = $copy->load('item.edition')->item->edition->placesToFill();
        app(SaveWork::class)($copy, new Draft(0, 'test', ['1.a' => $words]), $places, 1);
        $copy->refresh();
    }

    /** @param  array<string, mixed>  $choices */
    private function asked(Worksheet $worksheet, array $choices): Export
    {
        $this->post(route('leaving.make', $worksheet), $choices)
            ->assertSessionHasNoErrors()
            ->assertRedirect(route('leaving', $worksheet));

        return Export::latest('id')->firstOrFail();
    }

    /** @param  array<string, mixed>  $choices */
    private function askedOf(HandoutItem $item, array $choices): Export
    {
        $this->post(route('copies.leaving.make', $item), $choices)
            ->assertSessionHasNoErrors()
            ->assertRedirect(route('copies.leaving', $item));

        return Export::latest('id')->firstOrFail();
    }

    private function path(Export $export): string
    {
        $this->assertSame(ExportState::Ready, $export->state, (string) $export->problem);

        return app(FileStore::class)->path((string) $export->sha256);
    }

    private function wordsOf(string $pdf): string
    {
        return (new Process(['pdftotext', PdfMaker::file($pdf, 'words.pdf'), '-']))->mustRun()->getOutput();
    }

    /**
     * @param  list<float>  $rectangle  left, bottom, width and height
     * @return list<float> left, top, width and height
     */
    private function fromTop(string $path, array $rectangle): array
    {
        $said = (new Process(['pdfinfo', '-box', $path]))->mustRun()->getOutput();
        preg_match('/^CropBox:\s+\S+\s+\S+\s+\S+\s+(\S+)/m', $said, $box);
        [$x, $y, $width, $height] = $rectangle;

        return [$x, (float) ($box[1] ?? 0) - $y - $height, $width, $height];
    }
}
