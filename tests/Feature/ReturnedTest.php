<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\SaveWork;
use App\Documents\FileStore;
use App\Models\Copy;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\ChoiceMark;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Draft;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\Support\PdfMaker;
use Tests\TestCase;
use ZipArchive;

/** Copies that leave as PDFs with form fields, are filled in elsewhere (pdf-lib, npm), and come back. */
final class ReturnedTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private HandoutItem $item;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $class = SchoolClass::factory()->of($this->teacher)->create();
        foreach (['Ada Quill', 'Wilf Sandry'] as $name) {
            $class->students()->attach(Student::factory()->create(['name' => $name]));
        }
        $worksheet = Worksheet::factory()
            ->withPages(
                new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Tide'),
                new AnswerBox('b', Frame::of(50, 140, 200, 80), TextAnswer::lines(), prompt: 'Why?'),
                new AnswerBox('t', Frame::of(50, 240, 12, 12), new TickAnswer(), prompt: 'Wet?'),
                new AnswerBox('l', Frame::of(50, 270, 90, 18), ListAnswer::of(['ebb', 'flood']), prompt: 'Which?'),
                new AnswerBox('c', Frame::of(50, 300, 200, 20), $this->choice(false), prompt: 'One'),
                new AnswerBox('m', Frame::of(50, 330, 200, 20), $this->choice(true), prompt: 'Some'),
                new Table(
                    'g',
                    Frame::of(50, 360, 200, 40),
                    [0.5, 0.5],
                    [1.0],
                    [new TableCell('High'), new TableCell('', fill: true)],
                ),
                new Organiser('o', Frame::of(50, 420, 300, 120), OrganiserShape::Steps, 3),
            )
            ->create(['teacher_id' => $this->teacher->id]);
        app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('Tides', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
        );
        $this->item = HandoutItem::firstOrFail();
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_what_is_filled_in_elsewhere_comes_back_into_its_students_copy_whatever_the_kind(): void
    {
        $this->write('Ada Quill', ['1.a' => 'high', '1.t' => 'yes', '1.c' => 'y', '1.m' => 'x,z', '1.l' => 'ebb']);
        $pdf = $this->left('Ada Quill');
        // All that was there stands in it, so that taking it as it is brings nothing new.
        $this->read([$pdf])->assertSee('There is nothing in it that Ada Quill’s copy does not have.');

        $filled = $this->filled($pdf, [
            '1-a' => 'low',
            '1-b' => "Over\nthe bar é水",
            '1-t' => true,
            '1-l' => 'flood',
            '1-c' => 'o3',
            '1-m-1' => false,
            '1-m-2' => true,
            '1-g_1-2' => '5.2 m',
            '1-o_2' => 'then',
        ]);
        $page = $this->read([$filled]);
        $page->assertSee('low')->assertSee('Over')->assertSee('replace it');
        // What stands there already stays, unless that is ticked.
        $this->take($page);
        $this->assertSame(
            [
                '1.a' => 'high',
                '1.b' => "Over\nthe bar é水",
                '1.c' => 'y',
                '1.g.1-2' => '5.2 m',
                '1.l' => 'ebb',
                '1.m' => 'x,z',
                '1.o.2' => 'then',
                '1.t' => 'yes',
            ],
            $this->texts('Ada Quill'),
        );
        $this->assertSame([], $this->texts('Wilf Sandry'));
        $this->take($this->read([$filled]), against: ['1.a', '1.c', '1.l', '1.m']);
        $this->assertSame(
            ['low', 'z', 'flood', 'y,z'],
            array_map(fn (string $of): string => $this->texts('Ada Quill')[$of], ['1.a', '1.c', '1.l', '1.m']),
        );
        // What was there before is kept.
        $this->assertContains(
            'high',
            array_map(
                fn ($moment): string => $moment->texts()['1.a'] ?? '',
                $this->copy('Ada Quill')->moments()->get()->all(),
            ),
        );
    }

    public function test_a_class_goes_and_comes_in_one_go_each_into_its_own_copy(): void
    {
        $this->post(route('copies.leaving.make', $this->item), ['who' => 'all', 'files' => 'forms']);
        $zip = new ZipArchive();
        $this->assertTrue($zip->open($this->path()));
        $files = [];
        foreach (['Ada Quill', 'Wilf Sandry'] as $name) {
            $files[] = $this->filled(PdfMaker::file((string) $zip->getFromName("{$name}.pdf"), 'one.pdf'), [
                '1-a' => "by {$name}",
            ]);
        }
        $this->take($this->read(array_reverse($files)));
        $this->assertSame(['1.a' => 'by Ada Quill'], $this->texts('Ada Quill'));
        $this->assertSame(['1.a' => 'by Wilf Sandry'], $this->texts('Wilf Sandry'));
        $this->assertSame(CopyState::Working, $this->copy('Ada Quill')->state);
    }

    public function test_what_was_written_meanwhile_stays(): void
    {
        $page = $this->read([$this->filled($this->left('Ada Quill'), ['1-a' => 'from the PDF', '1-o_1' => 'first'])]);
        $this->write('Ada Quill', ['1.a' => 'typed since']);
        $this->take($page)->assertSessionHas(
            'done',
            '1 answer taken. 1 place changed meanwhile, and stay as they are.',
        );
        $this->assertSame(['1.a' => 'typed since', '1.o.1' => 'first'], $this->texts('Ada Quill'));
    }

    public function test_without_its_mark_or_with_another_it_is_nobodys_until_somebody_says_whose_it_is(): void
    {
        $pdf = $this->left('Ada Quill');
        $mark = (string) $this->copy('Ada Quill')->id;
        $forged = "OS1 {$this->item->id} {$this->copy('Wilf Sandry')->id} {$this->item->edition_id}";
        foreach (
            ['', "{$forged} 0.0 0123456789ABCDEF"] as $other
        ) {
            $page = $this->read([$this->filled($pdf, ['1-a' => 'whose?', 'open-slate' => $other])]);
            $page->assertSee('This PDF does not say whose it is')->assertDontSee('replace it');
            $this->take($page);
            $this->assertSame([], $this->texts('Wilf Sandry'), "mark of {$mark}");
        }
        $fields = $this->fields($page);
        $fields['returned'][0]['copy'] = $this->copy('Wilf Sandry')->id;
        $chosen = $this->post(route('returned.choose', $this->item), $fields);
        $chosen->assertOk()->assertSee('whose?');
        $this->take($chosen);
        $this->assertSame(['1.a' => 'whose?'], $this->texts('Wilf Sandry'));
    }

    public function test_a_pdf_that_left_before_the_pages_changed_their_places_comes_back_to_the_right_ones(): void
    {
        $filled = $this->filled($this->left('Ada Quill'), ['1-a' => 'of the old first page', '1-g_1-2' => '5.2']);
        $page = Worksheet::query()->sole()->pages()->with('current')->sole();
        $page->update(['position' => 2]);
        $new = new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'New');
        WorksheetPage::begin($page->worksheet_id, $page->current->page()->withElements([$new]), ['position' => 1]);
        $page->worksheet()->update(['pages_total' => 2]);
        $this->post(route('correct', $this->item))->assertSessionHasNoErrors();
        $this->item->refresh();
        $this->take($this->read([$filled]));
        $this->assertSame(['2.a' => 'of the old first page', '2.g.1-2' => '5.2'], $this->texts('Ada Quill'));
    }

    public function test_what_was_seen_beside_one_copy_is_not_put_into_another(): void
    {
        $page = $this->read([$this->filled($this->left('Ada Quill'), ['1-a' => 'by Ada'])]);
        $fields = $this->fields($page);
        $fields['returned'][0]['copy'] = $this->copy('Wilf Sandry')->id;
        $fields['returned'][0]['wanted'] = '1';
        $this->post(route('returned.take', $this->item), $fields)->assertSessionHasErrors('refused');
        $this->assertSame([], $this->texts('Wilf Sandry'));
        $this->assertSame([], $this->texts('Ada Quill'));
    }

    public function test_copies_that_were_handed_back_take_nothing(): void
    {
        $page = $this->read([$this->filled($this->left('Ada Quill'), ['1-a' => 'late'])]);
        Copy::query()->update(['returned_at' => now()->subMinute()]);
        $this->take($page)->assertSessionHasErrors('refused');
        $this->assertSame([], $this->texts('Ada Quill'));
    }

    public function test_files_that_are_none_of_this_are_refused_each_by_itself(): void
    {
        $good = $this->filled($this->left('Ada Quill'), ['1-a' => 'fine']);
        $page = $this->read([
            PdfMaker::file('no PDF at all', 'words.pdf'),
            PdfMaker::file(PdfMaker::pages(1), 'plain.pdf'),
            PdfMaker::file(substr(PdfMaker::pages(3), 0, 600), 'cut.pdf'),
            $good,
        ]);
        $page->assertOk()->assertSee('no form fields')->assertSee('fine');
        $this->take($page);
        $this->assertSame(['1.a' => 'fine'], $this->texts('Ada Quill'));
        $this->post(route('returned.read', $this->item), [])->assertSessionHasErrors('pdfs');
        $this->post(route('returned.take', $this->item), ['returned' => 'x'])->assertRedirect(
            route('copies.leaving', $this->item),
        );
        $this->post(route('returned.take', $this->item), [
            'returned' => [
                [
                    'copy' => 99999,
                    'wanted' => '1',
                    'found' => '{"1.a": ["", "stranger"], "9.z": ["", "x"], "1.t": ["", "maybe"], "1.b": "no list"}',
                ],
            ],
        ]);
        $this->post(route('returned.take', $this->item), [
            'returned' => [
                [
                    'copy' => $this->copy('Ada Quill')->id,
                    'shown' => $this->copy('Ada Quill')->id,
                    'wanted' => '1',
                    'found' => '{"1.t": ["", "maybe"], "9.z": ["", "x"], "1.b": "no list"}',
                ],
            ],
        ])->assertRedirect();
        $this->assertSame(['1.a' => 'fine'], $this->texts('Ada Quill'));
    }

    private function choice(bool $many): ChoiceAnswer
    {
        return ChoiceAnswer::of(
            [
                new Option('x', 'north', 0.0, 0.0, 0.3, 1.0),
                new Option('y', 'east', 0.35, 0.0, 0.3, 1.0),
                new Option('z', 'south', 0.7, 0.0, 0.3, 1.0),
            ],
            $many,
            ChoiceMark::Ring,
        );
    }

    private function copy(string $whose): Copy
    {
        return $this->item
            ->copies()
            ->with('item.edition')
            ->whereHas('student', fn ($student) => $student->where('name', $whose))
            ->firstOrFail();
    }

    /** @param  array<string, string>  $answers */
    private function write(string $whose, array $answers): void
    {
        $copy = $this->copy($whose);
        app(SaveWork::class)($copy, new Draft(0, 'test', $answers), $copy->item->edition->placesToFill(), 1);
    }

    /** @return array<string, string> what stands in the copy, by place */
    private function texts(string $whose): array
    {
        $texts = array_filter($this->copy($whose)->written()->texts(), fn (string $text): bool => $text !== '');
        ksort($texts);

        return $texts;
    }

    private function path(): string
    {
        $export = Export::latest('id')->firstOrFail();
        $this->assertSame(ExportState::Ready, $export->state, (string) $export->problem);

        return app(FileStore::class)->path((string) $export->sha256);
    }

    /** The PDF of somebody's copy, with form fields. */
    private function left(string $whose): string
    {
        $this->post(route('copies.leaving.make', $this->item), [
            'who' => 'one',
            'copy' => $this->copy($whose)->id,
            'files' => 'forms',
        ])->assertSessionHasNoErrors();

        return $this->path();
    }

    /** @param  array<string, string|bool>  $values */
    private function filled(string $pdf, array $values): string
    {
        $made = PdfMaker::file('', 'filled.pdf');
        (new Process(
            ['node', base_path('tests/Support/fill-form.mjs'), $pdf, $made, (string) json_encode($values)],
            base_path(),
        ))->mustRun();

        return $made;
    }

    /**
     * @param  list<string>  $paths
     * @return TestResponse<Response>
     */
    private function read(array $paths): TestResponse
    {
        return $this->post(route('returned.read', $this->item), [
            'pdfs' => array_map(
                fn (string $path): UploadedFile => new UploadedFile($path, basename($path), test: true),
                $paths,
            ),
        ])->assertOk();
    }

    /**
     * Presses "Take what is ticked".
     *
     * @param  TestResponse<Response>  $page
     * @param  list<string>  $against  places where the copy's answer is to be replaced
     * @return TestResponse<Response>
     */
    private function take(TestResponse $page, array $against = []): TestResponse
    {
        $fields = $this->fields($page);
        foreach (array_keys($fields['returned'] ?? []) as $at) {
            $fields['returned'][$at]['against'] = $against;
        }

        return $this->post(route('returned.take', $this->item), $fields);
    }

    /**
     * @param  TestResponse<Response>  $page
     * @return array<string, mixed>
     */
    private function fields(TestResponse $page): array
    {
        $document = new DOMDocument();
        @$document->loadHTML('<?xml encoding="UTF-8">'.$page->getContent());
        $in = new DOMXPath($document);
        $sent = '//main//form//input[@type="hidden" or @checked] | //main//form//select//option[@selected]';
        $pairs = [];
        foreach ($in->query($sent) ?: [] as $field) {
            if ($field instanceof DOMElement) {
                $holder = $field->tagName === 'option' ? $field->parentNode : $field;
                $name = $holder instanceof DOMElement ? $holder->getAttribute('name') : '';
                $pairs[] = urlencode($name).'='.urlencode($field->getAttribute('value'));
            }
        }
        parse_str(implode('&', $pairs), $fields);

        return $fields;
    }
}
