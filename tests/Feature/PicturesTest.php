<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\SweepPictures;
use App\Documents\FileStore;
use App\Documents\Pictures;
use App\Models\Copy;
use App\Models\Recipient;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use OpenSlate\Answers\PictureAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Page\PageFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** Pictures of students and teachers: every one is read, made small, and written anew. */
final class PicturesTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Worksheet $worksheet;

    private Copy $copy;

    private Student $student;

    protected function setUp(): void
    {
        parent::setUp();
        $this->worksheet = Worksheet::factory()
            ->withPages(
                new AnswerBox('p', Frame::of(50, 100, 200, 150), new PictureAnswer()),
                new AnswerBox('t', Frame::of(50, 300, 200, 20)),
            )
            ->create();
        $class = SchoolClass::factory()->of($this->worksheet->teacher)->create();
        $this->student = Student::factory()->create();
        $class->students()->attach([$this->student->id, Student::factory()->create(['name' => 'Neighbour'])->id]);
        app(HandOutWorksheets::class)(
            $this->worksheet->teacher,
            new HandoutPlan('T', '', null, null, [[$this->worksheet, Mode::OwnCopy]], [$class]),
        );
        $this->copy = Copy::where('student_id', $this->student->id)->sole();
        $this->actingAs($this->student, 'student');
    }

    public function test_a_photo_is_turned_upright_made_small_and_loses_what_the_camera_wrote(): void
    {
        $answer = $this->send($this->photo())->assertCreated();
        $kept = $this->kept((string) $answer->json('value'));

        [$width, $height, $type] = getimagesize($kept) ?: [0, 0, 0];
        $this->assertSame([IMAGETYPE_JPEG, 1600], [$type, $height], 'lying on its side in the file, it stands');
        $this->assertLessThan($height, $width);
        $this->assertStringNotContainsString('Exif', (string) file_get_contents($kept));
        $this->assertStringNotContainsString('SECRET PLACE', (string) file_get_contents($kept));
        $answer->assertJson(['filled' => 1]);
        $this->get("/my/copies/{$this->copy->id}")->assertSee('/pictures/'.$answer->json('value'));
    }

    public function test_only_its_student_and_their_teacher_see_it(): void
    {
        $address = '/pictures/'.$this->send($this->photo())->json('value');
        $this->get($address)->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->actingAs(Student::where('name', 'Neighbour')->sole(), 'student')
            ->get($address)
            ->assertForbidden();
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($this->worksheet->teacher, 'teacher')->get($address)->assertOk();
        $this->actingAs(Teacher::factory()->create(), 'teacher')
            ->get($address)
            ->assertForbidden();
    }

    public function test_after_the_time_is_over_no_picture_is_taken_and_none_is_kept(): void
    {
        Recipient::query()->update(['out_at' => now()->subHour(), 'closes_at' => now()->subMinutes(2)]);
        $files = StoredFile::count();
        $this->send($this->photo())->assertConflict()->assertSee('The time for this is over');
        $this->assertSame([$files, ''], [StoredFile::count(), $this->copy->refresh()->written()->text('1.p')]);
    }

    public function test_it_can_be_taken_off_again_and_another_window_does_not_lose_it(): void
    {
        $sha = (string) $this->send($this->photo())->json('value');
        $this->patchJson("/my/copies/{$this->copy->id}", [
            'draft' => ['base' => 0, 'window' => 'two2', 'answers' => ['1.p' => '']],
            'page' => 1,
        ])->assertJson(['newer' => [], 'conflicts' => ['1.p' => $sha]]);
        $this->patchJson("/my/copies/{$this->copy->id}", [
            'draft' => ['base' => 1, 'window' => 'two2', 'answers' => ['1.p' => '']],
            'page' => 1,
        ])->assertJson(['filled' => 0]);
    }

    /** @return array<string, array{callable(): string, string}> what is in the file, and what is said */
    public static function bad(): array
    {
        return [
            'words with the name of a picture' => [
                fn (): string => 'not a picture at all',
                'no picture that can be shown',
            ],
            'nothing' => [fn (): string => '', 'empty'],
            'a page with a script' => [
                fn (): string => '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
                'no picture that can be shown',
            ],
            'fifty thousand pixels wide' => [self::bomb(...), '50000 by 50000 pixels, too large'],
            'a picture that breaks off' => [
                fn (): string => substr(self::jpeg(600, 400), 0, -800),
                'no picture that can be shown',
            ],
            'half a picture' => [fn (): string => substr(self::jpeg(600, 400), 0, 300), 'no picture that can be shown'],
            'too heavy' => [fn (): string => self::jpeg(20, 20).str_repeat('x', 5 * 1048576), '5 MB'],
        ];
    }

    /** @param  callable(): string  $content */
    #[DataProvider('bad')]
    public function test_what_is_no_picture_is_refused_in_words_and_nothing_is_kept(
        callable $content,
        string $said,
    ): void {
        $before = StoredFile::count();
        $this->send($content())->assertUnprocessable()->assertSee($said);
        $this->assertSame($before, StoredFile::count());
        $this->assertSame('', $this->copy->refresh()->written()->text('1.p'));
    }

    public function test_a_picture_goes_only_where_pictures_go(): void
    {
        $this->send($this->photo(), '1.t')->assertUnprocessable();
        $this->send($this->photo(), '1.nowhere')->assertUnprocessable();
        $this->post("/my/copies/{$this->copy->id}/hand-in");
        $this->send($this->photo())->assertConflict();
    }

    public function test_a_photo_of_forty_megapixels_is_taken_in_with_little_memory(): void
    {
        $image = imagecreatetruecolor(6300, 6300);
        imagefilledellipse($image, 3000, 3000, 5000, 4000, (int) imagecolorallocate($image, 200, 40, 40));
        $path = (string) tempnam(sys_get_temp_dir(), 'huge');
        imagejpeg($image, $path, 80);
        unset($image);
        $before = memory_get_peak_usage(true);
        // What other programs may take, with the libraries that they are made of: the picture unpacked has 119 MB.
        config(['slate.tools.megabytes' => 280]);
        [$file, $width, $height] = app(Pictures::class)->take($path);
        unlink($path);

        $this->assertSame([1600, 1600], [$width, $height]);
        $this->assertSame($before, memory_get_peak_usage(true), 'this process unpacks nothing of it');
        $this->assertSame('image/jpeg', $file->media_type);
    }

    public function test_a_picture_that_takes_too_long_is_refused_as_a_picture(): void
    {
        config(['slate.tools.seconds' => 0.0005]);
        $this->send(self::jpeg(600, 400))->assertUnprocessable()->assertSee('This picture takes too long');
    }

    public function test_a_student_puts_on_so_many_pictures_a_day_and_no_more(): void
    {
        config(['slate.answers.most_files_a_day' => 2]);
        $this->send(self::jpeg(20, 20))->assertCreated();
        $this->send(self::jpeg(30, 20))->assertCreated();
        $this->send(self::jpeg(40, 20))
            ->assertUnprocessable()
            ->assertSee('2 pictures and recordings on your pages today');
        $this->travel(25)->hours();
        $this->send(self::jpeg(40, 20))->assertCreated();
    }

    public function test_a_picture_that_was_replaced_goes_after_a_day_and_no_other_does(): void
    {
        $first = (string) $this->send(self::jpeg(20, 20))->json('value');
        $given = (string) $this->send(self::jpeg(25, 20))->json('value');
        $atTheEndOfTheDay = (string) $this->send(self::jpeg(30, 20))->json('value');
        $sweep = app(SweepPictures::class);
        $this->assertSame(0, $sweep(), 'it may be undone');
        $this->travel(25)->hours();
        $now = (string) $this->send(self::jpeg(40, 20))->json('value');
        // Somebody else has the same picture.
        TeacherFile::give($this->worksheet->teacher_id, new PageFile($given));
        $this->travel(25)->hours();

        $this->assertSame(1, $sweep());
        $this->assertFileDoesNotExist(app(FileStore::class)->path($first));
        $this->assertFileExists(app(FileStore::class)->path($given));
        $this->assertFileExists(app(FileStore::class)->path($now));
        $this->get("/pictures/{$first}")->assertNotFound();
        $this->get("/pictures/{$given}")->assertForbidden();
        $this->get("/pictures/{$now}")->assertOk();
        // It is in the history of the copy: as it was when that day ended.
        $this->get("/pictures/{$atTheEndOfTheDay}")->assertOk();
    }

    public function test_a_teacher_lays_a_picture_on_a_page_for_whoever_is_handed_it(): void
    {
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($this->worksheet->teacher, 'teacher');
        $page = $this->worksheet->pages()->sole();
        $source = (string) $this->post(
            "/pages/{$page->id}/pictures",
            ['file' => $this->upload(self::png())],
            ['Accept' => 'application/json'],
        )
            ->assertCreated()
            ->assertJson(['width' => 40, 'height' => 30])
            ->json('source');
        $place = fn (string $hash): TestResponse => $this->postJson("/pages/{$page->id}/edits", [
            'base' => $page->refresh()->revision,
            'edit' => [
                'kind' => 'place',
                'elements' => [
                    [
                        'kind' => 'picture',
                        'x' => 10,
                        'y' => 10,
                        'width' => 40,
                        'height' => 30,
                        'source' => $hash,
                        'words' => 'A gull',
                    ],
                ],
            ],
        ]);
        $place(str_repeat('ab', 32))->assertUnprocessable()->assertSee('not among yours');
        $place($source)->assertOk()->assertSee('A gull');
        $this->get("/pictures/{$source}")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/png');
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($this->student, 'student')
            ->get("/pictures/{$source}")
            ->assertForbidden(); // The edition is from before.
    }

    /** @return TestResponse<Response> */
    private function send(string $content, string $place = '1.p'): TestResponse
    {
        return $this->post(
            "/my/copies/{$this->copy->id}/files",
            [
                'file' => $this->upload($content),
                'place' => $place,
                'base' => $this->copy->refresh()->written()->revision,
                'window' => 'wind',
                'page' => 1,
            ],
            ['Accept' => 'application/json'],
        );
    }

    private function upload(string $content): UploadedFile
    {
        $path = tempnam(sys_get_temp_dir(), 'picture');
        file_put_contents((string) $path, $content);

        return new UploadedFile((string) $path, 'photo.jpg', 'image/jpeg', null, true);
    }

    private function kept(string $sha256): string
    {
        return app(FileStore::class)->path($sha256);
    }

    /** A photo of 2400 by 1200 with an Exif block: lying on its side (orientation 6), and where it was taken. */
    private function photo(): string
    {
        $tiff =
            "II*\x00\x08\x00\x00\x00".
            pack('v', 2).
            pack('vvVV', 0x0112, 3, 1, 6).
            pack('vvVV', 0x010E, 2, 13, 38).
            pack('V', 0).
            "SECRET PLACE\x00";
        $exif = "Exif\x00\x00".$tiff;

        return "\xFF\xD8\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr(self::jpeg(2400, 1200), 2);
    }

    private static function jpeg(int $width, int $height): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagefilledrectangle($image, 0, 0, intdiv($width, 2), $height, (int) imagecolorallocate($image, 30, 120, 110));
        ob_start();
        imagejpeg($image, null, 60);

        return (string) ob_get_clean();
    }

    private static function png(): string
    {
        ob_start();
        imagepng(imagecreatetruecolor(40, 30));

        return (string) ob_get_clean();
    }

    /** The head of a PNG that says it is 50,000 pixels on a side (PNG specification, 11.2.2). */
    private static function bomb(): string
    {
        $head = pack('NNCCCCC', 50000, 50000, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".
            pack('N', 13).
            'IHDR'.
            $head.
            pack('N', crc32('IHDR'.$head)).
            pack('N', 0).
            'IEND'.
            pack('N', crc32('IEND'));
    }

    public function test_a_region_is_cut_out_and_turned_clockwise(): void
    {
        $image = imagecreatetruecolor(40, 20);
        imagefilledrectangle($image, 0, 0, 19, 19, (int) imagecolorallocate($image, 255, 0, 0));
        imagefilledrectangle($image, 20, 0, 39, 19, (int) imagecolorallocate($image, 0, 0, 255));
        $path = (string) tempnam(sys_get_temp_dir(), 'cut');
        imagepng($image, $path);
        [$file] = app(Pictures::class)->take($path);
        $colours = function (int $turn, array $region) use ($file): array {
            $cut = imagecreatefromstring(
                (string) file_get_contents(
                    app(FileStore::class)->path(app(Pictures::class)->cut($file, $region, $turn)->sha256),
                ),
            );
            assert($cut !== false);
            $at = fn (int $x, int $y): string => sprintf('%06x', imagecolorat($cut, $x, $y) & 0xFFFFFF);

            return [imagesx($cut), imagesy($cut), $at(1, 1), $at(imagesx($cut) - 2, imagesy($cut) - 2)];
        };

        $this->assertSame([40, 20, 'ff0000', '0000ff'], $colours(0, [0.0, 0.0, 1.0, 1.0]));
        $this->assertSame(
            [20, 40, 'ff0000', '0000ff'],
            $colours(90, [0.0, 0.0, 1.0, 1.0]),
            'what was at the left is above',
        );
        $this->assertSame([20, 40, '0000ff', 'ff0000'], $colours(270, [0.0, 0.0, 1.0, 1.0]));
        $this->assertSame([20, 10, '0000ff', '0000ff'], $colours(0, [0.5, 0.0, 0.5, 0.5]));
        unlink($path);
    }
}
