<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Actions\PrintedPage;
use App\Documents\FileRefused;
use App\Documents\Source;
use App\Models\Backdrop;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Text\Word;
use Tests\Support\NotesSource;
use Tests\TestCase;

final class SourcesTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_kind_of_file_is_one_class_and_its_registration(): void
    {
        $this->app?->tag([NotesSource::class], Source::class);
        $master = app(BringInFile::class)(
            Teacher::factory()->create(),
            $this->file("NOTES\nThe ebb\nAnswer key\n"),
            'harbour-notes.txt',
        )->refresh();

        $this->assertSame(
            ['Harbour notes', WorksheetState::Ready, 2, null],
            [$master->name, $master->state, $master->pages_total, $master->problem],
        );
        $this->assertSame('text/x-notes', StoredFile::where('sha256', $master->original?->sha256)->sole()->media_type);
        $this->assertSame(
            [400.0, 300.0],
            [
                $master->pages()->firstOrFail()->current->page()->size->width,
                $master->pages()->firstOrFail()->current->page()->size->height,
            ],
        );
        $this->assertSame(0, Backdrop::whereNull('blanks')->count(), 'it was looked through for blanks');
        $this->assertSame(
            ['The', 'ebb'],
            array_map(
                fn (Word $word): string => $word->text,
                app(PrintedPage::class)
                    ->on(WorksheetPage::query()->orderBy('position')->firstOrFail())
                    ->words(),
            ),
        );
        $this->actingAs($master->teacher, 'teacher')
            ->get("/worksheets/{$master->id}/boxes/1")
            ->assertOk();
    }

    public function test_what_is_of_no_kind_is_refused_at_once(): void
    {
        $this->expectException(FileRefused::class);
        $this->expectExceptionMessage('not a PDF');
        app(BringInFile::class)(Teacher::factory()->create(), $this->file("NOTES\nThe ebb\n"), 'notes.txt');
    }

    private function file(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'notes');
        file_put_contents($path, $bytes);

        return $path;
    }
}
