<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Actions\FindOnShelf;
use App\Actions\ReadScans;
use App\Actions\TakeBlanks;
use App\Models\Backdrop;
use App\Models\FileStage;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Storage;
use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Packs\Role;
use OpenSlate\Text\TextLine;
use Symfony\Component\Process\Process;
use Tests\Support\PdfMaker;
use Tests\Support\SheetScanner;
use Tests\TestCase;

/** The words of scans are read, and go where printed words go. */
final class ScanWordsTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_a_scanned_sheet_can_be_found_by_its_words_and_says_what_is_asked(): void
    {
        $scanned = $this->scanned(database_path('demo/tide-times.pdf'));
        $this->assertNull($scanned->stage);
        $lines = Backdrop::sole()->text()->lines;
        $said = implode("\n", array_map(fn (TextLine $line): string => $line->text, $lines));
        foreach (['Tide times at Saltmarsh Quay', 'Which day has the earlier low water?', '19:04'] as $words) {
            $this->assertStringContainsString($words, $said);
        }
        $this->assertSame([$scanned->id => [1]], app(FindOnShelf::class)($this->teacher, 'earlier low water'));

        // Beside those of the sheet itself: the same words where they stand, within a millimetre and a half.
        $printed = app(BringInFile::class)(
            $this->teacher,
            database_path('demo/tide-times.pdf'),
            'tide-times.pdf',
        )->refresh();
        $there = $this->words($printed->pages[0]->backdrop ?? $this->fail('no print'));
        $read = $this->words(Backdrop::findOrFail($scanned->pages[0]->backdrop_id));
        $near = 0;
        foreach ($there as [$word, $x, $y]) {
            foreach ($read as [$other, $left, $top]) {
                if ($word === $other && hypot($x - $left, $y - $top) < 4.3) {
                    $near++;
                    break;
                }
            }
        }
        $this->assertGreaterThan(0.9 * count($there), $near, "{$near} of ".count($there));

        // Its questions are those of the sheet itself.
        $numbers = fn (?Backdrop $print): array => array_column($print?->questionsFound() ?? [], 'number');
        $this->assertNotSame([], $numbers($printed->pages[0]->backdrop));
        $this->assertSame($numbers($printed->pages[0]->backdrop), $numbers($scanned->pages[0]->backdrop));

        // What is asked before a blank goes into the box that is laid there.
        $page = $scanned->pages[0];
        app(TakeBlanks::class)($page, $page->revision, null);
        $prompts = array_map(
            fn (Answerable $box): string => $box instanceof AnswerBox ? $box->prompt : '',
            $page->refresh()->current->page()->answerables(),
        );
        $this->assertStringContainsString('evening high water', implode("\n", $prompts));
    }

    public function test_a_scanned_pack_is_sorted_by_its_words_unless_somebody_has(): void
    {
        $some = PdfMaker::file('', 'some.pdf');
        $whole = database_path('demo/working-harbour-pack.pdf');
        (new Process(['qpdf', $whole, '--pages', '.', '1,4,6,7,18,19', '--', $some]))->mustRun();
        $pack = $this->scanned($some);
        $printed = app(BringInFile::class)($this->teacher, $some, 'pack.pdf')->refresh();
        $alike = 0;
        foreach ($printed->pages as $index => $page) {
            $alike += (int) ($pack->pages[$index]?->role === $page->role);
        }
        $this->assertSame(6, $alike, 'all roles are told as in the file with words');
        $this->assertNotSame(
            [Role::Student],
            $pack->pages->map(fn ($page): Role => $page->role)->unique()->values()->all(),
        );

        // Brought in once more, by somebody else too, its words are there already.
        $file = Storage::disk('local')->path('files/'.substr($sha = $pack->original->sha256, 0, 2)."/{$sha}");
        $again = app(BringInFile::class)(Teacher::factory()->create(), $file, 'again.pdf')->refresh();
        $this->assertNotSame($pack->id, $again->id);
        $this->assertSame(
            $pack->pages->map(fn ($page): Role => $page->role)->all(),
            $again->pages->map(fn ($page): Role => $page->role)->all(),
        );

        // Read again after somebody has arranged it, it stays as they have it.
        $roles = $pack->pages->map(fn ($page): Role => $page->role)->all();
        $pack->update(['arranged' => 1, 'stage' => FileStage::Words]);
        $pack->pages[0]->update(['role' => Role::Key]);
        Backdrop::query()
            ->whereKey($pack->pages[3]->backdrop_id)
            ->update(['looked_for_words' => false, 'lines' => '[]']);
        while (app(ReadScans::class)($pack)) {
        }
        $this->assertSame(Role::Key, $pack->pages[0]->refresh()->role);
        $this->assertSame($roles[5], $pack->pages[5]->refresh()->role);
    }

    public function test_words_on_dark_panels_are_read_too(): void
    {
        $band = fn (int $y, float $grey, float $ink, string $words): string => "{$grey} g 50 {$y} 495 34 re f ".
            "{$ink} g BT /F1 15 Tf 64 ".($y + 12)." Td ({$words}) Tj ET ";
        $content =
            $band(700, 0.15, 1, 'Reading the harbour chart').
            $band(600, 0.5, 1, 'Words for this lesson').
            $band(500, 0.5, 0, 'Dark print is read as well').
            '0 g BT /F1 12 Tf 64 660 Td (Read the chart and answer in full sentences.) Tj ET';
        $sheet = PdfMaker::file(PdfMaker::make([['media' => '0 0 595 842', 'content' => $content]]), 'bands.pdf');
        $this->scanned($sheet);

        $this->assertSame(
            [
                'Reading the harbour chart',
                'Read the chart and answer in full sentences.',
                'Words for this lesson',
                'Dark print is read as well',
            ],
            array_map(fn (TextLine $line): string => $line->text, Backdrop::sole()->text()->lines),
        );
    }

    public function test_of_a_scan_empty_pages_are_told_and_what_may_be_a_marked_sheet_is_not_the_students(): void
    {
        [$sheet, $marked] = self::quiz();
        $page = fn (string $content): array => ['media' => '0 0 595 842', 'content' => $content];
        $pack = $this->scanned(
            PdfMaker::file(PdfMaker::make([$page($sheet), $page(''), $page($marked), $page('')]), 'quiz.pdf'),
        );

        $this->assertSame(
            [Role::Student, Role::Blank, Role::Unknown, Role::Blank],
            $pack->pages->map(fn ($page): Role => $page->role)->all(),
        );
        $this->assertStringContainsString('page 1 says the same', (string) $pack->pages[2]->role_reason);
    }

    public function test_what_a_copier_has_read_itself_is_a_scan_as_well(): void
    {
        $page = fn (string $content): array => ['media' => '0 0 595 842', 'content' => $content];
        $scanner = new SheetScanner(4);
        $read = [];
        $sheets = PdfMaker::file(PdfMaker::make(array_map($page, self::quiz())));
        foreach ($scanner->pictures($sheets, 0.4, 6, 8) as $at => $picture) {
            // A picture with the words that were read on it, hidden, as copiers make them.
            $read[] = PdfMaker::file(
                (new Process(['tesseract', $picture, 'stdout', '--dpi', '200', 'pdf'], timeout: 120))
                    ->mustRun()
                    ->getOutput(),
                "read-{$at}.pdf",
            );
        }
        $both = PdfMaker::file('', 'both.pdf');
        (new Process(['qpdf', '--empty', '--pages', ...$read, '--', $both]))->mustRun();
        $pack = app(BringInFile::class)($this->teacher, $both, 'copier.pdf')->refresh();

        $this->assertSame(
            [Role::Student, Role::Unknown],
            $pack->pages->map(fn ($page): Role => $page->role)->all(),
        );
    }

    public function test_while_a_picture_is_about_to_be_read_its_page_says_that_more_may_be_found(): void
    {
        $scanned = $this->scanned(database_path('demo/tide-times.pdf'));
        $says = function (FileStage $stage, bool $isRead) use ($scanned): bool {
            $scanned->update(['stage' => $stage]);
            Backdrop::query()->update(['looked_for_words' => $isRead, 'lines' => '[]']);
            $page = $this->getJson("/pages/{$scanned->pages[0]->id}")->assertOk();

            return str_contains((string) $page->json('ledger'), 'The words of this picture are being read.');
        };

        $this->assertFalse($says(FileStage::Words, true));
        $this->assertTrue($says(FileStage::Words, false));
        $this->assertTrue($says(FileStage::Blanks, false));
        $this->assertFalse($says(FileStage::Draw, false), 'that is not what is next');
    }

    public function test_what_is_no_print_is_not_read_and_pages_with_words_are_left_alone(): void
    {
        $empty = app(BringInFile::class)(
            $this->teacher,
            PdfMaker::file(PdfMaker::make([['content' => '']]), 'empty.pdf'),
            'empty.pdf',
        )->refresh();
        $this->assertSame([], Backdrop::sole()->text()->lines);
        $this->assertTrue(Backdrop::sole()->looked_for_words);
        $this->assertNull($empty->stage);
        app(BringInFile::class)($this->teacher, database_path('demo/tide-times.pdf'), 'tide-times.pdf');
        $this->assertFalse(Backdrop::latest('id')->firstOrFail()->looked_for_words);
    }

    public function test_where_nothing_reads_print_all_works_and_it_is_said(): void
    {
        $path = (string) getenv('PATH');
        $without = sys_get_temp_dir().'/slate-path-'.bin2hex(random_bytes(6));
        mkdir($without);
        foreach (explode(':', $path) as $folder) {
            foreach (glob("{$folder}/*") ?: [] as $program) {
                $name = basename($program);
                $name === 'tesseract' || is_link("{$without}/{$name}") || symlink($program, "{$without}/{$name}");
            }
        }
        putenv("PATH={$without}");
        try {
            $scanned = $this->scanned(database_path('demo/tide-times.pdf'));
            $this->assertNull($scanned->stage);
            $this->assertNotNull(Backdrop::sole()->blanks);
            $this->get(route('worksheets.show', $scanned))->assertOk()->assertSee('tesseract is not installed');
        } finally {
            putenv("PATH={$path}");
            array_map(unlink(...), glob("{$without}/*") ?: []);
            rmdir($without);
        }
        // Once it is there, what was brought in before is read when it is looked at.
        $this->get(route('worksheets.show', $scanned))->assertOk();
        $this->assertNotSame([], Backdrop::sole()->text()->lines);
        $this->assertSame([$scanned->id => [1]], app(FindOnShelf::class)($this->teacher, 'earlier low water'));
        $this->get(route('worksheets.show', $scanned))->assertOk()->assertDontSee('only pictures');
    }

    /** @return array{string, string} what draws a sheet, and the same with a tick by pen at its answers */
    private static function quiz(): array
    {
        $first = ['At the harbour', 'Name: __________', 'Tick the right one.', '1. What is a quay?'];
        $rows = [...$first, 'a place for ships', 'a kind of fish', '2. What is the ebb?', 'falling water', 'rising'];
        $sheet = '';
        foreach ($rows as $at => $row) {
            $size = $at === 0 ? 22 : 12;
            $sheet .= "BT /F1 {$size} Tf 90 ".(740 - 40 * $at)." Td ({$row}) Tj ET ";
        }

        return [$sheet, $sheet.'2 w 66 584 m 72 576 l 84 594 l S 66 464 m 72 456 l 84 474 l S'];
    }

    /** The pages of a file, as a school's scanner gives them back. */
    private function scanned(string $pdf): Worksheet
    {
        $scanner = new SheetScanner(4);

        return app(BringInFile::class)(
            $this->teacher,
            $scanner->pdf($scanner->pictures($pdf, 0.4, 6, 8)),
            'scan.pdf',
        )->refresh();
    }

    /** @return list<array{string, float, float}> the words of a page, of some letters, and where they begin */
    private function words(Backdrop $backdrop): array
    {
        $words = [];
        foreach ($backdrop->text()->lines as $line) {
            foreach ($line->words as $word) {
                mb_strlen($word->text) > 3 && ($words[] = [$word->text, $word->frame->x, $word->frame->centre()->y]);
            }
        }

        return $words;
    }
}
