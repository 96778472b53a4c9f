<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Actions\GiveFreshCopies;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\MarkByKey;
use App\Actions\SweepPictures;
use App\Documents\FileStore;
use App\Exports\CopyMark;
use App\Models\Copy;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\HandoutItem;
use App\Models\PaperFile;
use App\Models\PaperSheet;
use App\Models\SchoolClass;
use App\Models\SheetDoubt;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\OnPaper;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Judging\Verdict;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\Support\PdfMaker;
use Tests\Support\SheetScanner;
use Tests\Support\WordFile;
use Tests\TestCase;

/** Copies that are printed with codes, filled in by hand, scanned, and come back. */
final class OnPaperTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private HandoutItem $item;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_sheets_in_any_order_turned_and_noisy_are_each_laid_straight_as_the_page_they_are(): void
    {
        $this->handOut(
            app(BringInFile::class)($this->teacher, database_path('demo/tide-times.pdf'), 'tide-times.pdf')->refresh(),
            'Ada Quill',
            'Wilf Sandry',
            'Una Marsh',
            'Jory Pell',
        );
        $pdf = $this->printed();
        $scanner = new SheetScanner(7);
        $scans = $scanner->pictures($pdf);
        $this->assertCount(4 * $this->item->edition->pages_count, $scans);
        $order = array_reverse(array_keys($scans));
        $this->bringIn($scanner->pdf(array_map(fn (int $at): string => $scans[$at], $order)))->assertCreated();

        foreach (PaperSheet::orderBy('position')->get() as $sheet) {
            $printed = $order[$sheet->position - 1];
            $this->assertNull($sheet->doubt);
            $this->assertSame($this->known($printed), [$sheet->copy_id, $sheet->page_id]);
            $off = $this->off($pdf, $printed + 1, app(FileStore::class)->path($sheet->sha256));
            $this->assertLessThanOrEqual(1.0, $off, "sheet {$sheet->position} lies where it was printed");
        }
        // What was brought in is kept page by page, and not once more as a whole.
        $this->assertNull(PaperFile::sole()->sha256);
    }

    public function test_what_is_put_into_copies_is_seen_marked_by_hand_and_handed_back(): void
    {
        $this->handOut($this->twoPages());
        $scanner = new SheetScanner();
        $scans = $scanner->pictures($this->printed(), 1.0);
        $scans[0] = $scanner->written($scans[0], 'high water', 160, 300);
        $this->bringIn($scanner->pdf([$scans[0], $scans[1], $scans[2]]));
        $page = $this->get(route('on-paper', $this->item))->assertOk()->assertSee('Known by their codes: 3 sheets');
        $this->take($page)->assertSessionHas('done', '3 pages put into 2 copies.');

        $ada = $this->copy('Ada Quill');
        $this->assertSame(CopyState::HandedIn, $ada->state);
        $this->assertSame([1, 2], OnPaper::pages($ada->written()->texts()));
        $this->assertSame([1], OnPaper::pages($this->copy('Wilf Sandry')->written()->texts()));
        $this->assertSame(0, $ada->filled);
        $this->get(route('desks.copy', $ada))
            ->assertOk()
            ->assertSee('2 of 2 pages on paper')
            ->assertSee($this->address($ada, 1), false)
            ->assertSee('filled in on paper');

        // The key says nothing of what stands on paper: somebody has to look. What is on no page is empty.
        $scheme = app(MarkByKey::class)($this->item);
        $marks = $ada->refresh()->marks($scheme);
        $this->assertSame(Verdict::Unjudged, $marks->find('1.a')?->verdict);
        $this->assertSame('on paper', $marks->find('1.a')->why);
        $this->assertSame(2, $marks->waiting());
        $wilf = $this->copy('Wilf Sandry')->marks($scheme);
        $this->assertSame(
            [Verdict::Unjudged, Verdict::Wrong],
            [$wilf->find('1.a')?->verdict, $wilf->find('2.b')?->verdict],
        );
        // On the table each is a slip of its own, with the piece of the sheet on it.
        $table = $this->get(
            route('marking', ['handout' => $this->item->handout_id, 'item' => $this->item->id, 'place' => '1.a']),
        )->assertOk();
        $table->assertSee('Written on paper by Ada Quill')->assertSee('Written on paper by Wilf Sandry');
        $this->assertSame(2, substr_count((string) $table->getContent(), 'data-slip'));
        $table->assertSee($this->address($ada, 1), false);

        // It leaves again as it came.
        $this->post(route('copies.leaving.make', $this->item), [
            'who' => 'one',
            'copy' => $ada->id,
            'files' => 'one',
            'marks' => '1',
        ])->assertSessionHasNoErrors();
        $made = app(FileStore::class)->path((string) Export::latest('id')->firstOrFail()->sha256);
        $this->assertStringNotContainsString(
            'What the harbour does',
            (new Process(['pdftotext', $made, '-']))->mustRun()->getOutput(),
        );
        $this->assertSame(
            2,
            substr_count((new Process(['pdfimages', '-list', $made]))->mustRun()->getOutput(), ' image '),
        );

        Copy::query()->update(['returned_at' => now()->subMinute()]);
        $this->signedIn('Ada Quill');
        $this->get(route('copies.show', $ada))->assertOk()->assertSee($this->address($ada, 1), false);
        $this->get($this->address($ada, 1))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get($this->address($this->copy('Wilf Sandry'), 1))->assertForbidden();
    }

    public function test_paper_goes_along_with_the_history_of_its_copy(): void
    {
        $this->handOut($this->twoPages());
        $scanner = new SheetScanner();
        $this->bringIn($scanner->pdf([$scanner->pictures($this->printed())[0]]));
        $this->take($this->get(route('on-paper', $this->item)), handsIn: false);
        $ada = $this->copy('Ada Quill');
        $this->assertSame(CopyState::Working, $ada->state);
        $picture = OnPaper::picture($ada->written()->texts(), 1);
        // An open copy stays one to be typed in, with the sheet under it.
        $this->signedIn('Ada Quill');
        $this->get(route('copies.show', $ada))->assertSee('Page 1 as it came on paper');

        $this->actingAs($this->teacher, 'teacher');
        app(GiveFreshCopies::class)($this->item, [$ada->id]);
        $this->assertSame([], OnPaper::pages($this->copy('Ada Quill')->written()->texts()));
        $this->assertSame($picture, OnPaper::picture($ada->moments()->get()->last()?->texts() ?? [], 1));
        $this->travel(PaperSheet::DAYS + 1)->days();
        app(SweepPictures::class)();
        $this->assertNotNull(StoredFile::find($picture), 'what the history names is kept');
        $this->assertSame(0, PaperFile::count());
    }

    public function test_a_sheet_that_says_nothing_is_put_where_somebody_says(): void
    {
        $this->handOut($this->twoPages());
        $scanner = new SheetScanner();
        $pdf = $this->printed();
        [$first] = $scanner->pictures($pdf);
        [$again] = $scanner->pictures($pdf);
        $blank = $scanner->pictures(PdfMaker::file(PdfMaker::pages(1), 'blank.pdf'))[0];
        $this->bringIn($scanner->pdf([$blank, $first, $again]));
        $this->assertSame(
            [SheetDoubt::NoCode, null, null],
            PaperSheet::orderBy('position')->get()->map(fn (PaperSheet $one): ?SheetDoubt => $one->doubt)->all(),
        );
        $page = $this->get(route('on-paper', $this->item));
        $page
            ->assertSee('Not known: 1 sheet')
            ->assertSee('No code of this program could be read on it.')
            ->assertSee('This page was scanned again after this.');
        // Of two of one page the later goes in; both cannot.
        $fields = $this->fields($page);
        $this->assertSame(
            [false, false, true],
            array_map(fn (array $one): bool => isset($one['wanted']), array_values($fields['sheets'])),
        );
        $ids = PaperSheet::orderBy('position')->pluck('id')->all();
        $both = $fields;
        $both['sheets'][$ids[1]]['wanted'] = '1';
        $this->post(route('on-paper.take', $this->item), $both)->assertSessionHasErrors([
            'refused' => 'Two sheets are ticked as page 1 of Ada Quill. Tick one of them.',
        ]);
        $nobody = $fields;
        $nobody['sheets'][$ids[0]]['wanted'] = '1';
        $this->post(route('on-paper.take', $this->item), $nobody)->assertSessionHasErrors('refused');
        $this->assertSame([], OnPaper::pages($this->copy('Ada Quill')->written()->texts()));

        $fields['sheets'][$ids[0]] = [
            'wanted' => '1',
            'copy' => $this->copy('Wilf Sandry')->id,
            'page' => 2,
        ];
        $this->post(route('on-paper.take', $this->item), $fields)->assertSessionHas(
            'done',
            '2 pages put into 2 copies.',
        );
        $this->assertSame([2], OnPaper::pages($this->copy('Wilf Sandry')->written()->texts()));

        // What is there already is taken the place of only where that is asked for, and what came meanwhile stays.
        $this->bringIn($scanner->pdf([$scanner->pictures($pdf)[0]]));
        $page = $this->get(route('on-paper', $this->item));
        $page->assertSee('This page of the copy came on paper already.');
        $this->take($page)->assertSessionHasErrors(['refused' => 'Nothing is ticked.']);
        $fields = $this->fields($page);
        $last = PaperSheet::latest('id')->firstOrFail()->id;
        $fields['sheets'][$last]['wanted'] = '1';
        $this->post(route('on-paper.take', $this->item), $fields)->assertSessionHasErrors('refused');
        $this->post(route('on-paper.take', $this->item), $fields + ['over' => '1'])->assertSessionHasNoErrors();
        $this->assertSame(
            PaperSheet::findOrFail($last)->sha256,
            OnPaper::picture($this->copy('Ada Quill')->written()->texts(), 1),
        );

        $left = PaperSheet::findOrFail($ids[1])->sha256;
        $this->delete(route('on-paper.destroy', $this->item))->assertRedirect(route('on-paper', $this->item));
        $this->assertSame(0, $this->item->sheets()->whereNull('taken_at')->count());
        $this->assertNull(StoredFile::find($left));
    }

    public function test_sheets_that_lie_on_their_side_upside_down_or_on_a_table_are_known_and_laid_straight(): void
    {
        $this->handOut($this->twoPages());
        $pdf = $this->printed();
        $scanner = new SheetScanner();
        [$first, $second, $third, $fourth] = $scanner->pictures($pdf, 1.0, 5, 4);
        $this->bringIn(
            $scanner->pdf([
                $scanner->turned($first, 180),
                $scanner->turned($second, 90),
                $scanner->turned($third, 270),
            ]),
        );
        $this->bringIn($scanner->photo($fourth));
        $this->assertSame(4, PaperSheet::whereNull('doubt')->count());
        foreach (PaperSheet::orderBy('id')->get() as $at => $sheet) {
            $this->assertSame($this->known($at), [$sheet->copy_id, $sheet->page_id]);
            $off = $this->off($pdf, $at + 1, app(FileStore::class)->path($sheet->sha256));
            $this->assertLessThanOrEqual($at === 3 ? 4.0 : 1.0, $off, "sheet {$at}");
        }
    }

    public function test_codes_of_others_forged_or_of_what_is_gone_put_nothing_anywhere(): void
    {
        $this->handOut($this->twoPages());
        $scanner = new SheetScanner();
        [$ada, , $wilf] = $scanner->pictures($this->printed(), 1.0, 5, 4);
        $here = $this->item;
        $this->handOut($this->twoPages(), 'Una Marsh');
        $this->bringIn($scanner->pdf([$ada]));
        $this->assertSame(SheetDoubt::OtherHandout, PaperSheet::sole()->doubt);
        $this->assertNull(PaperSheet::sole()->copy_id);

        $this->item = $here;
        $copy = $this->copy('Ada Quill');
        $text = CopyMark::of($copy, 1, 0)->text();
        $this->assertNotNull(CopyMark::read($text));
        $this->assertNull(
            CopyMark::read(str_replace(" {$copy->id} ", ' '.$this->copy('Wilf Sandry')->id.' ', $text)),
        );
        $this->copy('Wilf Sandry')
            ->forceFill(['thrown_at' => now()])
            ->save();
        $this->bringIn($scanner->pdf([$wilf]));
        $this->assertSame(SheetDoubt::CopyGone, PaperSheet::latest('id')->firstOrFail()->doubt);

        // A copy that went back meanwhile takes nothing more; the sheet waits.
        $this->bringIn($scanner->pdf([$ada]));
        $page = $this->get(route('on-paper', $this->item));
        $copy->forceFill(['returned_at' => now()->subMinute()])->save();
        $this->take($page)->assertSessionHasErrors('refused');
        $this->assertSame([], OnPaper::pages($copy->refresh()->written()->texts()));
        $this->assertNull(PaperSheet::latest('id')->firstOrFail()->taken_at);
    }

    public function test_files_that_are_none_of_this_are_refused_in_words(): void
    {
        $this->handOut($this->twoPages());
        $this->bringIn(PdfMaker::file('no scan at all', 'words.pdf'))->assertUnprocessable();
        $this->bringIn(PdfMaker::file(substr(PdfMaker::pages(3), 0, 600), 'cut.pdf'))->assertUnprocessable();
        // What only shows when it is read is said beside its name.
        $damaged = str_replace('/Kids', '/Lids', PdfMaker::pages(3));
        $this->bringIn(PdfMaker::file($damaged, 'damaged.pdf'))->assertCreated();
        $this->assertSame(ExportState::Refused, PaperFile::sole()->state);
        $this->get(route('on-paper', $this->item))
            ->assertSee('damaged.pdf')
            ->assertSee((string) PaperFile::sole()->problem);
        $document = sys_get_temp_dir().'/'.bin2hex(random_bytes(6)).'.docx';
        (new WordFile())->paragraph('The tide table')->write($document);
        $this->bringIn($document)->assertUnprocessable()->assertJsonPath('code', 'no_scan');
        $this->post(route('on-paper.take', $this->item), ['sheets' => 'x'])->assertSessionHasErrors('sheets');
        $this->post(route('on-paper.take', $this->item), [
            'sheets' => [99 => ['wanted' => '1', 'copy' => 1, 'page' => 1]],
        ])->assertSessionHasErrors('refused');
        for ($n = 0; $n < 60; $n++) {
            PaperFile::create(['handout_item_id' => $this->item->id, 'name' => 'x', 'state' => ExportState::Waiting]);
        }
        $this->bringIn(PdfMaker::file(PdfMaker::pages(1), 'more.pdf'))
            ->assertUnprocessable()
            ->assertJsonPath('code', 'too_many_wait');
    }

    public function test_codes_cover_nothing_that_is_printed_or_to_be_written_in_while_there_is_room(): void
    {
        $foot = new AnswerBox('a', Frame::of(20, 760, 555, 60), prompt: 'Tide');
        $head = new Label('l', Frame::of(10, 10, 575, 60), text: str_repeat('Saltmarsh ', 60), size: 9);
        $worksheet = Worksheet::factory()
            ->withPagesOf([[$foot, $head]])
            ->create(['teacher_id' => $this->teacher->id]);
        $this->handOut($worksheet, 'Ada Quill');
        $scanner = new SheetScanner();
        $picture = $scanner->pictures($this->printed(), 0.0, 0, 0)[0];
        $said = (new Process(['ZXingReader', '-format', 'QRCode', $picture]))->mustRun()->getOutput();
        $this->assertSame(2, preg_match_all('/^Position: +\d+x(\d+) \d+x\d+ \d+x(\d+)/m', $said, $found));
        foreach ([...$found[1], ...$found[2]] as $y) {
            $this->assertGreaterThan((70 / 72) * 200, (int) $y);
            $this->assertLessThan((760 / 72) * 200, (int) $y);
        }
    }

    private function twoPages(): Worksheet
    {
        return Worksheet::factory()
            ->withPagesOf([
                [
                    new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Tide', points: 1.0, key: ['high']),
                    new Label('l', Frame::of(50, 60, 300, 24), text: 'What the harbour does when the moon is full'),
                    new Label('m', Frame::of(250, 700, 300, 24), text: 'Turn over, and go on there'),
                ],
                [
                    new AnswerBox('b', Frame::of(50, 140, 200, 80), prompt: 'Why?', points: 2.0, key: ['the moon']),
                    new Label('l', Frame::of(50, 60, 300, 24), text: 'Why it does so, in your own words'),
                    new Label('m', Frame::of(250, 700, 300, 24), text: 'Hand this in at the end'),
                ],
            ])
            ->create(['teacher_id' => $this->teacher->id]);
    }

    private function handOut(Worksheet $worksheet, string ...$names): void
    {
        $class = SchoolClass::factory()->of($this->teacher)->create();
        foreach ($names === [] ? ['Ada Quill', 'Wilf Sandry'] : $names as $name) {
            $class->students()->attach(Student::factory()->create(['name' => $name]));
        }
        $handout = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('Harbour', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
        );
        $this->item = $handout->items()->with('edition.revisions')->firstOrFail();
    }

    private function printed(): string
    {
        $this->post(route('copies.leaving.make', $this->item), [
            'who' => 'all',
            'files' => 'one',
            'names' => '1',
            'codes' => '1',
        ])->assertSessionHasNoErrors();
        $export = Export::latest('id')->firstOrFail();
        $this->assertSame(ExportState::Ready, $export->state, (string) $export->problem);

        return app(FileStore::class)->path((string) $export->sha256);
    }

    /** @return TestResponse<Response> */
    private function bringIn(string $file): TestResponse
    {
        return $this->postJson(
            route('on-paper.store', $this->item),
            ['file' => new UploadedFile($file, basename($file), test: true)],
            ['Idempotency-Key' => bin2hex(random_bytes(12))],
        );
    }

    /**
     * Which page of whose copy a printed page is.
     *
     * @param  int  $at  among all that were printed, from 0
     * @return array{int, int} the copy and the page
     */
    private function known(int $at): array
    {
        $count = $this->item->edition->pages_count;
        $names = $this->item->copies()->with('student')->get()->sortBy(fn (Copy $copy): string => $copy->whose());

        return [
            $names->values()[intdiv($at, $count)]->id,
            $this->item->edition->revisions->values()[$at % $count]->page_id,
        ];
    }

    private function copy(string $whose): Copy
    {
        return $this->item
            ->copies()
            ->with(['item.edition', 'handMarks', 'student'])
            ->whereHas('student', fn ($student) => $student->where('name', $whose))
            ->firstOrFail();
    }

    private function signedIn(string $name): void
    {
        auth()->forgetGuards();
        $this->actingAs(Student::where('name', $name)->sole(), 'student');
    }

    private function address(Copy $copy, int $page): string
    {
        return route('pictures.show', OnPaper::picture($copy->written()->texts(), $page), false);
    }

    /**
     * What the form of a page sends as it is.
     *
     * @param  TestResponse<Response>  $page
     * @return array{sheets: array<int, array<string, string>>}
     */
    private function fields(TestResponse $page): array
    {
        $dom = new DOMDocument();
        @$dom->loadHTML('<?xml encoding="utf-8">'.$page->getContent());
        $sent = [];
        $path = '//form[contains(@action, "/take")]//*[self::input[not(@type="checkbox") or @checked] or self::select]';
        foreach ((new DOMXPath($dom))->query($path) ?: [] as $field) {
            assert($field instanceof DOMElement);
            $chosen = (new DOMXPath($dom))->query('.//option[@selected]', $field);
            $option = $chosen === false ? null : $chosen->item(0);
            $value =
                $field->tagName === 'select' && $option instanceof DOMElement ? $option->getAttribute('value') : '';
            $sent[] =
                urlencode($field->getAttribute('name')).
                '='.
                urlencode($field->tagName === 'select' ? $value : $field->getAttribute('value'));
        }
        parse_str(implode('&', $sent), $fields);

        return ['sheets' => (array) ($fields['sheets'] ?? [])];
    }

    /**
     * @param  TestResponse<Response>  $page
     * @return TestResponse<Response>
     */
    private function take(TestResponse $page, bool $handsIn = true): TestResponse
    {
        return $this->post(route('on-paper.take', $this->item), $this->fields($page) + ($handsIn ? ['in' => '1'] : []));
    }

    /**
     * By how much what is on a sheet lies elsewhere than it was printed: both are held against each other, moved by so
     * many dots, and where they are most alike is where it lies.
     *
     * @return float in points
     */
    private function off(string $pdf, int $page, string $sheet): float
    {
        $folder = sys_get_temp_dir().'/slate-off-'.bin2hex(random_bytes(6));
        mkdir($folder);
        (new Process([
            'pdftoppm',
            '-cropbox',
            '-gray',
            '-r',
            '150',
            '-f',
            (string) $page,
            '-l',
            (string) $page,
            '-singlefile',
            $pdf,
            "{$folder}/printed",
        ]))->mustRun();
        (new Process(['vips', 'colourspace', $sheet, "{$folder}/sheet.pgm", 'b-w']))->mustRun();
        [$printed, $width, $height] = self::grey("{$folder}/printed.pgm");
        [$scanned, $across] = self::grey("{$folder}/sheet.pgm");
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
        // Where there is ink, in lots of the page, so that turns show as well.
        $off = 0.0;
        foreach ([[0, 0.34], [0.66, 1.0]] as [$top, $bottom]) {
            $dots = [];
            for ($y = (int) max(12, $top * $height); $y < min($height - 12, $bottom * $height); $y += 2) {
                for ($x = 12; $x < $width - 12; $x++) {
                    ord($printed[$y * $width + $x]) < 90 && ($dots[] = [$x, $y]);
                }
            }
            $darkest = INF;
            $at = 0.0;
            for ($dy = -9; $dy <= 9; $dy++) {
                for ($dx = -9; $dx <= 9; $dx++) {
                    $light = 0;
                    foreach ($dots as [$x, $y]) {
                        $light += ord($scanned[($y + $dy) * $across + $x + $dx] ?? "\xFF");
                    }
                    if ($light < $darkest) {
                        [$darkest, $at] = [$light, hypot($dx, $dy)];
                    }
                }
            }
            $off = max($off, ($at * 72) / 150);
        }

        return $off;
    }

    /** @return array{string, int, int} levels, width and height of a PGM file */
    private static function grey(string $path): array
    {
        $file = (string) file_get_contents($path);
        preg_match('/^P5\s+(?:#.*\n)*(\d+)\s+(\d+)\s+255\s/', $file, $head);

        return [substr($file, strlen($head[0] ?? '')), (int) ($head[1] ?? 0), (int) ($head[2] ?? 0)];
    }
}
