<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\ShowPicture;
use App\Actions\SweepPictures;
use App\Actions\UndoEdit;
use App\Actions\WeighPages;
use App\Documents\FileStore;
use App\Models\Backdrop;
use App\Models\Copy;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use GdImage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Picture;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Weight\PageWeight;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** What pages weigh for students' devices, and what of them can be lighter. */
final class WeightTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Teacher $teacher;

    private WorksheetPage $page;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->page = $this->pageOf('tide-times.pdf');
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_a_page_weighs_what_is_printed_and_laid_on_it_each_file_once(): void
    {
        $print = StoredFile::findOrFail((string) $this->page->backdrop?->image)->bytes;
        $this->assertSame($print, $this->weight()->loaded());
        $source = $this->picture(400, 300);
        $bytes = StoredFile::findOrFail($source)->bytes;
        $this->lay(
            new Picture('a', Frame::of(10, 10, 90, 90), $source),
            new Picture('b', Frame::of(10, 110, 90, 90), $source),
            new Clip(
                'c',
                Frame::of(10, 300, 90, 90),
                (string) $this->page->backdrop?->source,
                1,
                across: 0.5,
                down: 0.5,
            ),
        );
        $this->assertSame($print + $bytes + (int) round($print / 4), $this->weight()->loaded());
        $this->assertSame(0, $this->weight()->played());
    }

    public function test_the_pages_station_says_it_for_a_device_and_for_a_class_and_why_a_page_is_heavy(): void
    {
        $sheet = $this->get(route('worksheets.show', $this->page->worksheet_id))->assertOk();
        $sheet->assertSee('for a class of')->assertSee('It is kept here once')->assertDontSee('Heavy:');
        $heavy = $this->picture(1200, 1200, noise: true);
        $this->lay(new Picture('a', Frame::of(10, 10, 90, 90), $heavy));
        $this->assertGreaterThan(PageWeight::HEAVY, $this->weight()->loaded());
        $this->get(route('worksheets.show', $this->page->worksheet_id))
            ->assertSee('Heavy: the picture I1 alone has')
            ->assertSee(route('weight.show', $this->page));
    }

    public function test_what_is_heavy_is_made_lighter_after_it_was_seen_and_what_was_brought_in_stays(): void
    {
        $heavy = $this->picture(1200, 1200, noise: true);
        $this->lay(new Picture('a', Frame::of(10, 10, 144, 144), $heavy, 'a gull'));
        $before = $this->weight()->loaded();
        $shown = (string) $this->get(route('weight.show', $this->page))->assertOk()->getContent();
        $this->assertSame(1, preg_match('#/weight/([0-9a-f]{64})"#', $shown, $made));
        $lighter = $this->get(route('weight.picture', [$this->page, $made[1]]))->assertOk();
        $lighter->assertHeader('Content-Type', 'image/jpeg');
        $this->assertSame($before, $this->weight()->loaded(), 'nothing is done by looking');
        $this->assertStringContainsString('value="'.$heavy.'"', $shown);

        $this->post(route('weight.lighten', $this->page), [
            'base' => $this->page->revision,
            'pictures' => [$heavy],
        ])->assertRedirect(route('weight.show', $this->page));
        $this->page->refresh();
        $picture = $this->page->current->page()->element('a');
        $this->assertInstanceOf(Picture::class, $picture);
        $this->assertSame([$made[1], 'a gull'], [$picture->source, $picture->words]);
        $this->assertLessThan($before / 10, $this->weight()->loaded() - $this->print());
        $this->assertSame([288, 288], array_slice((array) getimagesize($this->path($picture->source)), 0, 2));
        $this->get("/pictures/{$picture->source}")->assertOk();
        $this->assertFileExists($this->path($heavy));
        $this->get(route('weight.show', $this->page))
            ->assertOk()
            ->assertDontSee('value="'.$made[1].'"', false);

        app(UndoEdit::class)($this->page, $this->page->revision);
        $this->page->refresh();
        $this->assertSame($before, $this->weight()->loaded());
    }

    public function test_a_print_is_shown_lighter_to_students_too(): void
    {
        $this->heavyPrint();
        $before = $this->print();
        $shown = (string) $this->get(route('weight.show', $this->page))
            ->assertSee('The print of the page: saves')
            ->getContent();
        preg_match('#/weight/([0-9a-f]{64})"#', $shown, $made);
        $this->post(route('weight.lighten', $this->page), [
            'base' => $this->page->revision,
            'pictures' => [(string) $this->page->backdrop?->image],
        ]);
        $this->page->refresh();
        $this->assertTrue($this->page->current->page()->backdrop?->light);
        $this->assertLessThan($before * 0.8, $this->weight()->loaded());
        $source = (string) $this->page->backdrop?->source;
        $this->get("/backdrops/{$source}/1/light")
            ->assertOk()
            ->assertHeader('ETag', "\"{$made[1]}\"");
        $this->get("/backdrops/{$source}/1/page")->assertOk();

        $class = SchoolClass::factory()->of($this->teacher)->create();
        $students = Student::factory()->count(30)->create();
        $class->students()->attach($students->modelKeys());
        $kept = (int) StoredFile::sum('bytes');
        app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('T', '', null, null, [[$this->page->worksheet, Mode::OwnCopy]], [$class]),
        );
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($students[0], 'student');
        $copy = Copy::where('student_id', $students[0]->id)->sole();
        $address = (string) $this->get("/my/copies/{$copy->id}")->getContent();
        preg_match('#/my/sheets/\d+/1/page[^" ]*#', $address, $print);
        $this->get(html_entity_decode($print[0]))
            ->assertOk()
            ->assertHeader('ETag', "\"{$made[1]}\"");
        $this->assertSame($kept, (int) StoredFile::sum('bytes'), 'thirty copies hold no picture of their own');
    }

    public function test_what_is_covered_weighs_what_students_are_sent_of_it(): void
    {
        $this->heavyPrint();
        $this->lay(new Patch('p', Frame::of(0, 0, 500, 700)));
        $whole = $this->weight()->loaded();
        $sent = app(ShowPicture::class)($this->page->current, ShowPicture::PAGE) ?? $this->fail();
        $this->assertLessThan($whole, $sent->bytes);
        $this->assertSame($sent->bytes, $this->weight()->loaded());
    }

    public function test_what_was_offered_and_not_taken_goes_after_a_day_and_what_was_taken_stays(): void
    {
        [$one, $two] = [$this->picture(1200, 1200, noise: true), $this->picture(1100, 1100, noise: true)];
        $this->lay(
            new Picture('a', Frame::of(10, 10, 90, 90), $one),
            new Picture('b', Frame::of(10, 110, 90, 90), $two),
        );
        $this->get(route('weight.show', $this->page));
        $this->post(route('weight.lighten', $this->page), ['base' => $this->page->revision, 'pictures' => [$one]]);
        $picture = $this->page->refresh()->current->page()->element('a');
        $taken = $picture instanceof Picture ? $picture->source : $this->fail();
        $files = StoredFile::count();
        $this->assertSame(0, app(SweepPictures::class)());
        $this->travel(2)->days();
        $this->assertGreaterThan(0, $gone = app(SweepPictures::class)());
        $this->assertSame($files - $gone, StoredFile::count());
        $this->assertFileExists($this->path($taken));
        $this->assertFileExists($this->path($one));
        $this->get(route('weight.show', $this->page))->assertOk()->assertSee('saves');
    }

    public function test_a_picture_that_is_seen_through_stays_so(): void
    {
        $image = imagecreatetruecolor(900, 900);
        imagealphablending($image, false);
        imagesavealpha($image, true);
        imagefill($image, 0, 0, (int) imagecolorallocatealpha($image, 0, 0, 0, 127));
        $this->speckle($image, 300);
        $source = $this->take($image);
        $this->lay(new Picture('a', Frame::of(10, 10, 90, 90), $source));
        $shown = (string) $this->get(route('weight.show', $this->page))->getContent();
        preg_match('#/weight/([0-9a-f]{64})"#', $shown, $made);
        $this->assertSame('image/png', StoredFile::findOrFail($made[1])->media_type);
        $kept = imagecreatefrompng($this->path($made[1]));
        $this->assertNotFalse($kept);
        $this->assertSame(127, imagecolorat($kept, imagesx($kept) - 2, imagesy($kept) - 2) >> 24);
    }

    public function test_nothing_is_changed_by_a_stale_window_a_locked_master_or_somebody_else(): void
    {
        $heavy = $this->picture(1200, 1200, noise: true);
        $this->lay(new Picture('a', Frame::of(10, 10, 90, 90), $heavy));
        $lighten = fn (int $base) => $this->post(route('weight.lighten', $this->page), [
            'base' => $base,
            'pictures' => [$heavy, str_repeat('0', 64), ['x']],
        ]);
        $now = $this->page->refresh()->revision;
        $lighten($now - 1)->assertSessionHasErrors();
        Worksheet::factory()->create(['teacher_id' => $this->teacher->id, 'master_id' => $this->page->worksheet_id]);
        $lighten($now)->assertSessionHasErrors();
        $this->assertSame($now, $this->page->refresh()->revision);
        $this->get(route('weight.picture', [$this->page, $heavy]))->assertNotFound();
        $this->actingAs(Teacher::factory()->create(), 'teacher');
        $lighten($now)->assertForbidden();
        $this->get(route('weight.show', $this->page))->assertForbidden();
    }

    private function weight(): PageWeight
    {
        $page = WorksheetPage::with('current')->findOrFail($this->page->id);

        return app(WeighPages::class)($page->newCollection([$page]))[$page->id];
    }

    private function print(): int
    {
        return StoredFile::findOrFail((string) $this->page->backdrop?->image)->bytes;
    }

    private function path(string $sha256): string
    {
        return app(FileStore::class)->path($sha256);
    }

    private function lay(Picture|Clip|Patch ...$elements): void
    {
        app(ApplyEdit::class)($this->page, $this->page->revision, new Place(array_values($elements)));
        $this->page->refresh()->load(['current', 'backdrop', 'worksheet']);
    }

    private function pageOf(string $file): WorksheetPage
    {
        $worksheet = app(BringInFile::class)($this->teacher, database_path("demo/{$file}"), $file);

        return WorksheetPage::with(['current', 'backdrop', 'worksheet'])
            ->where('worksheet_id', $worksheet->id)
            ->firstOrFail();
    }

    /** @return string of a PNG that was taken in, by SHA-256 */
    private function picture(int $width, int $height, bool $noise = false): string
    {
        $image = imagecreatetruecolor($width, $height);
        $this->speckle($image, $noise ? $width : 10);

        return $this->take($image);
    }

    /** The first pixels of each line in any colours, so that nothing of them can be packed small. */
    private function speckle(GdImage $image, int $pixels): void
    {
        mt_srand(1);
        for ($at = 0; $at < $pixels * imagesy($image); $at++) {
            imagesetpixel($image, $at % $pixels, intdiv($at, $pixels), mt_rand(0, 0xFFFFFF));
        }
    }

    private function take(GdImage $image): string
    {
        ob_start();
        imagepng($image);
        $file = UploadedFile::fake()->createWithContent('a.png', (string) ob_get_clean());

        return (string) $this->post(
            route('pictures.store', $this->page),
            ['file' => $file],
            ['Accept' => 'application/json'],
        )->json('source');
    }

    /** As where a photo was scanned: it is drawn in many colours. */
    private function heavyPrint(): void
    {
        $image = imagecreatetruecolor(1190, 1684);
        $this->speckle($image, 1190);
        $path = (string) tempnam(sys_get_temp_dir(), 'print');
        imagejpeg($image, $path, 80);
        Backdrop::whereKey($this->page->backdrop_id)->update([
            'image' => app(FileStore::class)->take($path, 'image/jpeg')->sha256,
        ]);
        $this->page->load('backdrop');
    }
}
