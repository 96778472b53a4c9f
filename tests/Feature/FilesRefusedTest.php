<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Original;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\PdfMaker;
use Tests\TestCase;

/**
 * What cannot be used is refused with a sentence that says what it is and what to do, and nothing half made is left.
 */
final class FilesRefusedTest extends TestCase
{
    use RefreshDatabase;

    /**
     * @return array<string, array{callable(): string, string, string}> how to make it, the code, some of the sentence
     */
    public static function files(): array
    {
        $whole = fn (): string => PdfMaker::make(
            array_fill(0, 6, ['content' => str_repeat(PdfMaker::rectangle(1, 1, 5, 5)."\n", 60)]),
        );

        return [
            'needs a password' => [
                fn () => PdfMaker::rewritten(PdfMaker::make([[]]), ['--encrypt', 'secret', 'owner', '256', '--']),
                'password',
                'needs a password',
            ],
            'cut off in the middle' => [
                fn () => substr($whole(), 0, (int) (strlen($whole()) * 0.6)),
                'truncated',
                'end of this PDF is missing',
            ],
            'cut off a little before the end' => [
                fn () => substr($whole(), 0, -30),
                'truncated',
                'end of this PDF is missing',
            ],
            'linearised and cut off' => [
                fn () => substr(PdfMaker::rewritten($whole(), ['--linearize']), 0, -400),
                'truncated',
                'end of this PDF is missing',
            ],
            'a head of a picture named pdf' => [
                fn () => "\x89PNG\r\n\x1a\n".str_repeat('x', 500),
                'picture_too_large',
                'too large to open safely',
            ],
            'words named pdf' => [fn () => 'Dear teacher, find the sheet attached.', 'not_a_pdf', 'not a PDF'],
            'nothing' => [fn () => '', 'empty', 'empty'],
            'no pages' => [fn () => PdfMaker::make([]), 'no_pages', 'no pages'],
            '301 pages' => [fn () => PdfMaker::make(array_fill(0, 301, [])), 'too_many_pages', 'at most 300'],
            'larger than 200 inches' => [
                fn () => PdfMaker::make([[], ['media' => '0 0 14401 500']]),
                'page_too_large',
                'Page 2',
            ],
            'larger than 200 inches by its unit' => [
                fn () => PdfMaker::make([['media' => '0 0 5000 500', 'unit' => 3]]),
                'page_too_large',
                'larger than 200 inches',
            ],
            'smaller than 10 points' => [
                fn () => PdfMaker::make([['media' => '0 0 100 9']]),
                'page_too_small',
                'smaller than 10 points',
            ],
            'a header and rubbish' => [
                fn () => "%PDF-1.4\n".str_repeat("rubbish\n", 50)."startxref\n12\n%%EOF\n",
                'damaged',
                'damaged',
            ],
        ];
    }

    /** @param  callable(): string  $make */
    #[DataProvider('files')]
    public function test_it_is_refused_in_words_and_nothing_is_left(callable $make, string $code, string $said): void
    {
        $path = PdfMaker::file($make());
        $response = $this->actingAs(Teacher::factory()->create(), 'teacher')->postJson(route('worksheets.store'), [
            'file' => new UploadedFile($path, 'sheet.pdf', 'application/pdf', null, true),
        ]);

        // What can be said in a moment is said at once; the rest when the file has its turn, on the worksheet itself.
        $atOnce = in_array($code, ['truncated', 'not_a_pdf', 'empty'], true);
        $atOnce ? $response->assertUnprocessable()->assertJsonPath('code', $code) : $response->assertCreated();
        $message = $atOnce
            ? (string) $response->json('message')
            : (string) Worksheet::where('state', WorksheetState::Failed)->sole()->problem;
        $this->assertStringContainsString($said, $message);
        $this->assertMatchesRegularExpression('/\. [A-Z].*\.$|: .*\.$/', $message, 'says what to do as well');
        $this->assertSame(
            [$atOnce ? 0 : 1, 0, 0, 0],
            [Worksheet::count(), StoredFile::count(), Original::count(), TeacherFile::query()->count()],
        );
        $this->assertSame([], Storage::disk('local')->allFiles());

        $this->assertSame(1, Artisan::call('slate:inspect', ['file' => $path, '--json' => true]));
        $this->assertSame(['error' => ['code' => $code, 'message' => $message]], json_decode(Artisan::output(), true));
    }

    public function test_over_100_megabytes_is_refused(): void
    {
        config(['slate.files.most_bytes' => 1024]);
        $path = PdfMaker::file(PdfMaker::make([['content' => str_repeat(' ', 2000)]]));
        $this->actingAs(Teacher::factory()->create(), 'teacher')
            ->postJson(route('worksheets.store'), ['file' => new UploadedFile($path, 'sheet.pdf', null, null, true)])
            ->assertUnprocessable()
            ->assertJsonPath('code', 'too_large');
        $this->assertSame(0, Worksheet::count());
    }

    public function test_the_limit_is_100_megabytes_and_300_pages(): void
    {
        $this->assertSame(104857600, config('slate.files.most_bytes'));
        $this->assertSame(300, config('slate.files.most_pages'));
    }

    public function test_junk_after_the_end_and_before_the_header_is_borne(): void
    {
        $path = PdfMaker::file("junk\n".PdfMaker::make([['words' => 'fine']]).str_repeat("\0", 3000));
        $this->assertSame(0, Artisan::call('slate:inspect', ['file' => $path, '--json' => true]), Artisan::output());
    }

    public function test_a_request_without_a_file_is_told_so(): void
    {
        $this->actingAs(Teacher::factory()->create(), 'teacher')
            ->postJson(route('worksheets.store'))
            ->assertUnprocessable()
            ->assertJsonPath('message', 'No file came with this. Choose one and try again.');
    }
}
