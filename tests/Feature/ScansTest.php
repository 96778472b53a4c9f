<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Models\Backdrop;
use App\Models\Original;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Storage;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Ground;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Scan\Homography;
use OpenSlate\Scan\Quadrilateral;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Photos and scans: what becomes of them. */
final class ScansTest extends TestCase
{
    use RefreshDatabase;

    /** Where the sheet lies in the photos, in pixels of 1800 by 2400. */
    private const CORNERS = [[180, 220], [1630, 280], [1570, 2170], [120, 2090]];

    private static ?string $photo = null;

    private static ?string $small = null;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/scan-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
        parent::tearDown();
    }

    public function test_a_photo_becomes_a_page_cut_out_and_flat_with_its_blanks_and_is_kept_untouched(): void
    {
        $photo = $this->photo('sheet.jpg');
        $master = $this->bringIn($photo, 'IMG_0417.JPG');
        $original = $master->original()->sole();

        $this->assertSame([WorksheetState::Ready, 1], [$master->state, $master->pages()->count()]);
        $this->assertFileEquals($photo, app(FileStore::class)->path($original->untouched()));
        $this->assertCorners(self::CORNERS, $original->scanned()[0]->corners(), 0.015 * 2400);
        $page = $master->pages()->sole()->current->page();
        $this->assertSame([612.0, 792.0], [$page->size->width, $page->size->height], 'it is told to be Letter');
        $this->assertSame([], Storage::disk('local')->allFiles('work'));
        $this->actingAs($master->teacher, 'teacher')
            ->get("/worksheets/{$master->id}")
            ->assertSee('The sheet was cut out and laid flat.');
        $this->get("/worksheets/{$master->id}/document")
            ->assertOk()
            ->assertSee('Corner top left of photo 1');

        // Who brings in the same photo sees it, too, though it is not looked at again.
        $again = $this->bringIn($photo, 'same.jpg');
        $shown = $again->original()->sole()->scanned()[0]->file;
        $this->actingAs($again->teacher, 'teacher')->get("/pictures/{$shown}")->assertOk();
        $this->actingAs(Teacher::factory()->create(), 'teacher')->get("/pictures/{$shown}")->assertForbidden();

        // At least nine of ten blanks of the sheet itself are found where they are on it.
        $sheet = $this->bringIn($this->pdf(), 'sheet.pdf');
        [$is, $found] = [$this->blanks($sheet), $this->blanks($master)];
        $this->assertGreaterThan(5, count($is));
        $met = array_filter(
            $is,
            fn (Blank $one): bool => array_filter(
                $found,
                fn (Blank $other): bool => Ground::shared($one->frame, $other->frame) >
                    0.5 * $one->frame->width * $one->frame->height,
            ) !== [],
        );
        $this->assertGreaterThanOrEqual(0.9 * count($is), count($met));
    }

    public function test_corners_that_are_set_by_hand_count_and_a_spread_is_two_pages(): void
    {
        $master = $this->bringIn($this->small('sheet.jpg'), 'sheet.jpg');
        $address = "/worksheets/{$master->id}/document/{$master->original_id}";
        $this->actingAs($master->teacher, 'teacher');
        $this->post($address, [
            'colour' => '0',
            'paper' => 'a4',
            'cuts' => json_encode([['picture' => 1, 'corners' => [0.1, 0.1, 0.9, 0.1, 0.9, 0.9, 0.1, 0.9]]]),
        ])->assertRedirect("/worksheets/{$master->id}");
        $page = $master->refresh()->pages()->sole()->current->page();
        $this->assertSame([595.28, 841.89], [$page->size->width, $page->size->height]);
        $original = $master->original()->sole();
        $this->assertSame(
            [false, 'a4'],
            [$original->scanChoices()->colour, $original->scanChoices()->paper?->value],
        );
        $this->assertCorners(
            [[180, 240], [1620, 240], [1620, 2160], [180, 2160]],
            array_map(
                fn ($c): array => [$c->x * 1800, $c->y * 2400],
                $original->scanned()[0]->cut->corners?->corners() ?? [],
            ),
            0.1,
        );
        $this->assertCorners($this->halved(), $original->scanned()[0]->corners(), 18, 'what is proposed stays');

        $this->post("/worksheets/{$master->id}/document/{$master->original_id}", [
            'cuts' => json_encode([['picture' => 1, 'corners' => null, 'spread' => true]]),
        ]);
        $this->assertSame(2, $master->refresh()->pages()->count());

        $this->from("/worksheets/{$master->id}/document")
            ->post("/worksheets/{$master->id}/document/{$master->original_id}", [
                'cuts' => json_encode([['picture' => 1, 'corners' => [0.1, 0.1, 0.9, 0.9, 0.9, 0.1, 0.1, 0.9]]]),
            ])
            ->assertSessionHasErrors('cuts');
        $this->get("/worksheets/{$master->id}/document")->assertSee('does not go round a part of the photo');
        foreach (['[[', '"x"', '[{"picture":0}]', '[{"picture":1,"corners":[1,2]}]'] as $odd) {
            $original = $master->refresh()->original_id;
            $status = $this->postJson("/worksheets/{$master->id}/document/{$original}", ['cuts' => $odd])->status();
            $this->assertContains($status, [302, 422], $odd);
        }
    }

    /** @return array<string, array{string, string}> */
    public static function formats(): array
    {
        return [
            'PNG' => ['a.png', 'png'],
            'WebP' => ['a.webp', 'webp'],
            'TIFF' => ['a.tif', 'tiff'],
            'HEIC' => ['a.heic[compression=hevc]', 'heic'],
        ];
    }

    #[DataProvider('formats')]
    public function test_pictures_of_other_formats_say_the_same(string $name, string $format): void
    {
        $path = "{$this->folder}/".strtok($name, '[');
        $this->vips('copy', $this->small('sheet.jpg'), "{$this->folder}/{$name}");
        $this->assertSame(0, Artisan::call('slate:inspect', ['file' => $path, '--json' => true]));
        $seen = json_decode(Artisan::output(), true);

        $this->assertSame($format, $seen['format']);
        $this->assertCorners($this->halved(), $seen['corners'], 0.015 * 1200);
        $this->assertCount(1, $seen['pages']);
    }

    public function test_a_scan_of_many_pages_is_many_pages(): void
    {
        $this->vips(
            'arrayjoin',
            implode(' ', array_fill(0, 3, $this->small('a.jpg'))),
            "{$this->folder}/t.v",
            '--across',
            '1',
        );
        $this->vips(
            'tiffsave',
            "{$this->folder}/t.v",
            "{$this->folder}/t.tif",
            '--page-height',
            '1200',
            '--compression',
            'jpeg',
        );

        config(['slate.files.most_pictures' => 2]);
        $this->assertSame(
            'This file has 3 pages; at most 2 can be brought in. Split it, and bring in the parts that you need.',
            $this->bringIn("{$this->folder}/t.tif", 'scan.tif')->problem,
        );
        config(['slate.files.most_pictures' => 60]);
        $this->assertSame(
            3,
            $this->bringIn("{$this->folder}/t.tif", 'scan.tif')
                ->pages()
                ->count(),
        );
    }

    public function test_of_a_picture_that_moves_one_page_is_made(): void
    {
        $photo = $this->small('a.jpg');
        $this->vips('arrayjoin', "{$photo} {$photo}", "{$this->folder}/m.v", '--across', '1');
        $this->vips('webpsave', "{$this->folder}/m.v", "{$this->folder}/m.webp", '--page-height', '1200');
        $master = $this->bringIn("{$this->folder}/m.webp", 'moves.webp');

        $this->assertSame(1, $master->pages()->count());
        $this->assertCorners($this->halved(), $master->original()->sole()->scanned()[0]->corners(), 18);
    }

    public function test_a_photo_that_lies_on_its_side_is_set_upright_by_what_the_camera_noted(): void
    {
        $lying = "{$this->folder}/lying.jpg";
        $this->vips('rot', $this->photo('sheet.jpg'), "{$this->folder}/l.v", 'd270');
        $this->vips('copy', "{$this->folder}/l.v", "{$this->folder}/o.v");
        $this->vips('jpegsave', "{$this->folder}/o.v", $lying, '--Q', '92');
        $bytes = (string) file_get_contents($lying);
        // An EXIF head that says: turned by a quarter (orientation 6).
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0";
        file_put_contents(
            $lying,
            "\xFF\xD8\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($this->withoutExif($bytes), 2),
        );

        $original = $this->bringIn($lying, 'lying.jpg')->original()->sole();
        $this->assertSame([1800, 2400], [$original->scanned()[0]->width, $original->scanned()[0]->height]);
        $this->assertCorners(self::CORNERS, $original->scanned()[0]->corners(), 36);
    }

    #[TestWith(['d90'])]
    #[TestWith(['d180'])]
    public function test_a_photo_that_was_taken_from_any_side_is_set_upright_by_its_words(string $turned): void
    {
        $this->vips('rot', $this->photo('sheet.jpg'), 'turned.jpg[Q=92,strip]', $turned);
        $master = $this->bringIn("{$this->folder}/turned.jpg", 'turned.jpg');

        $page = $master->pages()->sole();
        $size = $page->current->page()->size;
        $this->assertSame([612.0, 792.0], [$size->width, $size->height]);
        (new Process(
            ['tesseract', app(FileStore::class)->path((string) $page->backdrop?->image), '-', '--psm', '0'],
        ))->mustRun(fn (string $type, string $said) => $type === Process::OUT && $this->assertStringContainsString(
            "Rotate: 0\n",
            $said,
        ));
    }

    public function test_what_has_no_words_stays_as_it_was_taken(): void
    {
        $this->vips('black', 'k.v', '800', '600', '--bands', '3');
        $this->vips('draw_rect', 'k.v', '250', '100', '100', '300', '200', '--fill');
        $this->vips('invert', 'k.v', 'drawing.jpg');
        $page = $this->bringIn("{$this->folder}/drawing.jpg", 'drawing.jpg')->pages()->sole()->current->page();
        $this->assertGreaterThan($page->size->height, $page->size->width);
    }

    public function test_where_the_sheet_ends_cannot_be_told_the_whole_picture_is_taken_and_said_so(): void
    {
        $this->vips('gaussnoise', "{$this->folder}/n.v", '600', '800', '--mean', '190', '--sigma', '6');
        $this->vips('cast', "{$this->folder}/n.v", "{$this->folder}/u.v", 'uchar');
        $this->vips('jpegsave', "{$this->folder}/u.v", "{$this->folder}/n.jpg");
        $master = $this->bringIn("{$this->folder}/n.jpg", 'n.jpg');

        $this->assertNull($master->original()->sole()->scanned()[0]->corners());
        $this->actingAs($master->teacher, 'teacher')
            ->get("/worksheets/{$master->id}")
            ->assertSee('could not be told for sure: the whole picture was taken');
    }

    /** @return array<string, array{callable(self): string, string}> */
    public static function bad(): array
    {
        $head = fn (int $width, int $height): string => "\x89PNG\r\n\x1A\n".
            pack('N', 13).
            'IHDR'.
            pack('NN', $width, $height).
            "\x08\x02\0\0\0".
            pack('N', crc32('IHDR'.pack('NN', $width, $height)."\x08\x02\0\0\0"));

        return [
            'fifty thousand pixels either way' => [fn (): string => $head(50000, 50000), 'picture_too_large'],
            'a head and nothing after it' => [fn (): string => $head(600, 800), 'not_a_picture'],
            'cut off in the middle' => [
                fn (self $test): string => substr((string) file_get_contents($test->photo('cut.jpg')), 0, 40000),
                'not_a_picture',
            ],
            'a drawing with a script in it' => [
                fn (): string => '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
                'not_a_pdf',
            ],
            'a head of a photo before a page of the web' => [
                fn (): string => "\xFF\xD8\xFF<html><script>alert(1)</script></html>",
                'not_a_picture',
            ],
        ];
    }

    /** @param  callable(self): string  $make */
    #[DataProvider('bad')]
    public function test_what_cannot_be_used_is_refused_in_words_and_nothing_is_left(
        callable $make,
        string $code,
    ): void {
        $path = "{$this->folder}/bad";
        file_put_contents($path, $make($this));
        try {
            $master = $this->bringIn($path, 'photo.jpg');
            $this->assertSame(WorksheetState::Failed, $master->state);
            $message = (string) $master->problem;
        } catch (FileRefused $refusal) {
            $message = $refusal->getMessage();
            $this->assertSame(0, Worksheet::count());
        }
        $this->assertMatchesRegularExpression('/\. [A-Z].*\.$/', $message, 'says what to do as well');
        $this->assertSame([0, 0], [Original::count(), StoredFile::count()]);
        $disk = Storage::disk('local');
        $this->assertSame([], [...$disk->allFiles('files'), ...$disk->allFiles('work')]);
        $this->assertSame(1, Artisan::call('slate:inspect', ['file' => $path, '--json' => true]));
        $said = json_decode(Artisan::output(), true);
        $this->assertSame([$code, $message], [$said['error']['code'], $said['error']['message']]);
    }

    /** A photo of a printed sheet on a dark desk; it is taken once. Of half the pixels that a phone takes. */
    public function photo(string $name): string
    {
        self::$photo ??= $this->taken();
        file_put_contents("{$this->folder}/{$name}", self::$photo);

        return "{$this->folder}/{$name}";
    }

    /** The same at half its width and height, for what does not hang on how much is read: a quarter of the work. */
    private function small(string $name): string
    {
        if (self::$small === null) {
            $this->vips('resize', $this->photo('whole.jpg'), 'small.jpg[Q=92]', '0.5');
            self::$small = (string) file_get_contents("{$this->folder}/small.jpg");
        }
        file_put_contents("{$this->folder}/{$name}", self::$small);

        return "{$this->folder}/{$name}";
    }

    /** @return list<array{float, float}> the corners in it */
    private function halved(): array
    {
        return array_map(fn (array $corner): array => [$corner[0] / 2, $corner[1] / 2], self::CORNERS);
    }

    private function taken(): string
    {
        $png = "{$this->folder}/sheet";
        (new Process(['pdftoppm', '-r', '200', '-png', '-singlefile', $this->pdf(), $png]))->mustRun();
        $to = Quadrilateral::rectangle(1700, 2200);
        $matrix = Homography::between(Quadrilateral::of(self::CORNERS), $to)->matrix;
        $rows = array_map(
            fn (array $row): string => implode(
                ' ',
                array_map(fn (float $one): string => sprintf('%.15F', $one), $row),
            ),
            array_chunk($matrix, 3),
        );
        file_put_contents("{$this->folder}/h.mat", "3 3 1 0\n".implode("\n", $rows)."\n");
        foreach (
            [
                ['xyz', 'p.v', '1800', '2400'],
                ['bandjoin_const', 'p.v', 'q.v', '1'],
                ['recomb', 'q.v', 'r.v', 'h.mat'],
                ['extract_band', 'r.v', 'xy.v', '0', '--n', '2'],
                ['extract_band', 'r.v', 'w.v', '2'],
                ['divide', 'xy.v', 'w.v', 'm.v'],
                ['mapim', 'sheet.png', 'taken.jpg[Q=92]', 'm.v', '--extend', 'background', '--background', '70 64 58'],
            ] as $operation
        ) {
            $this->vips(...$operation);
        }

        return (string) file_get_contents("{$this->folder}/taken.jpg");
    }

    private function pdf(): string
    {
        $one = "{$this->folder}/sheet.pdf";
        $pack = dirname(__DIR__, 2).'/database/demo/working-harbour-pack.pdf';
        (new Process(['qpdf', '--empty', '--pages', $pack, '6', '--', $one]))->mustRun();

        return $one;
    }

    private function vips(string ...$arguments): void
    {
        (new Process(['vips', ...array_values($arguments)], $this->folder))->mustRun();
    }

    private function withoutExif(string $jpeg): string
    {
        while (preg_match('/^\xFF\xD8\xFF[\xE0\xE1]/', $jpeg) === 1) {
            $length = (unpack('n', substr($jpeg, 4, 2)) ?: [1 => 2])[1];
            $jpeg = "\xFF\xD8".substr($jpeg, 4 + $length);
        }

        return $jpeg;
    }

    private function bringIn(string $path, string $name): Worksheet
    {
        return app(BringInFile::class)(Teacher::factory()->create(), $path, $name)->refresh();
    }

    /** @return list<Blank> */
    private function blanks(Worksheet $worksheet): array
    {
        $page = Backdrop::where('source', $worksheet->original()->sole()->sha256)->sole();

        return Proposals::decode((string) $page->blanks);
    }

    /**
     * @param  list<array{float|int, float|int}>  $are
     * @param  list<array{float, float}>|null  $found
     */
    private function assertCorners(array $are, ?array $found, float $most, string $said = ''): void
    {
        $this->assertNotNull($found);
        $off = array_map(
            fn (array $is, array $one): float => hypot($is[0] - $one[0], $is[1] - $one[1]),
            $are,
            $found,
        );
        $this->assertLessThanOrEqual($most, array_sum($off) / 4, $said);
    }
}
