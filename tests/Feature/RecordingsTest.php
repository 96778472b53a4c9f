<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\GiveFreshCopies;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\SweepPictures;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\KeptRecording;
use App\Documents\Recordings;
use App\Models\Copy;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use OpenSlate\Answers\SpokenAnswer;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Elements\Change;
use OpenSlate\Edit\Place;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Recording;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Page\PageFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\Support\Recorded;
use Tests\TestCase;

/** What teachers and students say: every recording is read, made small, and written anew. */
final class RecordingsTest extends TestCase
{
    use RefreshDatabase;

    private Worksheet $worksheet;

    private Copy $copy;

    private Student $student;

    protected function setUp(): void
    {
        parent::setUp();
        $this->worksheet = Worksheet::factory()
            ->withPages(new AnswerBox('s', Frame::of(50, 100, 200, 40), new SpokenAnswer(), points: 2.0))
            ->create();
    }

    /** @return array<string, array{callable(): string}> */
    public static function formats(): array
    {
        return [
            'Opus in WebM, as one browser records' => [fn () => Recorded::tone('a.webm')],
            'Opus in Ogg, as another does' => [fn () => Recorded::tone('a.ogg', 1.0, '-c:a', 'libopus')],
            'AAC in M4A, as phones do' => [fn () => Recorded::tone('a.m4a')],
            'MP3' => [fn () => Recorded::tone('a.mp3')],
            'MP3 with a tag before it' => [
                fn () => Recorded::tone('a.mp3', 1.0, '-id3v2_version', '3', '-metadata', 'title=A'),
            ],
            'WAV' => [fn () => Recorded::wave(1.0)],
            'WebM without its length, as it comes from a browser' => [
                fn () => Recorded::tone('a.webm', 1.0, '-live', '1'),
            ],
        ];
    }

    /** @param  callable(): string  $content */
    #[DataProvider('formats')]
    public function test_each_format_is_known_by_what_is_in_it_and_becomes_what_all_browsers_play(
        callable $content,
    ): void {
        $kept = $this->take($content());

        $this->assertSame('audio/mp4', $kept->file->media_type);
        $this->assertEqualsWithDelta(1.0, $kept->seconds, 0.1);
        $this->assertFalse($kept->isFilm);
        $this->assertSame(['aac'], $this->codecs($kept));
    }

    public function test_a_film_is_made_as_wide_as_it_needs_to_be_and_of_a_voice_nothing_is_seen(): void
    {
        foreach (['a.mp4', 'a.webm', 'a.mov'] as $name) {
            $film = Recorded::film($name, 854, 480, 0.5);
            $kept = $this->take($film);
            $this->assertSame(['video/mp4', true], [$kept->file->media_type, $kept->isFilm], $name);
            $this->assertEqualsCanonicalizing(['aac', 'h264'], $this->codecs($kept));
            $this->assertSame('640x360', $this->probe($kept, 'stream=width,height', 'v'));
            $this->assertSame(['aac'], $this->codecs($this->take($film, heard: true)));
        }
        $small = $this->take(Recorded::film('a.webm', 321, 241, 0.5));
        $this->assertSame('320x240', $this->probe($small, 'stream=width,height', 'v'), 'it is not made larger');
    }

    public function test_what_else_the_file_says_is_gone_and_the_same_recording_is_kept_once(): void
    {
        $file = Recorded::tone('a.m4a', 0.5, '-metadata', 'title=SECRET NAME', '-metadata', 'comment=SECRET PLACE');
        $this->assertStringContainsString('SECRET', $file);
        $kept = $this->take($file);

        $this->assertStringNotContainsString('SECRET', (string) file_get_contents($this->path($kept)));
        $this->assertSame($kept->file->sha256, $this->take($file)->file->sha256);
    }

    public function test_a_song_with_a_picture_on_its_sleeve_is_no_film(): void
    {
        $sleeve = Recorded::made('a.png', '-f', 'lavfi', '-i', 'color=size=64x64', '-frames:v', '1');
        $path = (string) tempnam(sys_get_temp_dir(), 'sleeve');
        file_put_contents($path, $sleeve);
        $song = Recorded::tone('a.mp3', 0.5, '-i', $path, '-map', '0', '-map', '1', '-disposition:v', 'attached_pic');
        unlink($path);

        $this->assertFalse($this->take($song)->isFilm);
    }

    /** @return array<string, array{callable(): string, string}> */
    public static function refused(): array
    {
        $head = fn (string $name): string => substr(Recorded::tone($name, 0.2), 0, 60);

        return [
            'nothing' => [fn () => '', 'empty'],
            'words with the name of a recording' => [fn () => 'Dear diary', 'no recording that can be played'],
            'a page with a script' => [fn () => '<script>alert(1)</script>', 'no recording that can be played'],
            'a picture' => [
                fn () => Recorded::made('a.png', '-f', 'lavfi', '-i', 'color=size=64x64', '-frames:v', '1'),
                'no recording that can be played',
            ],
            'a list of other files behind a tag' => [
                fn () => "ID3\x04\0\0\0\0\0\0#EXTM3U\n#EXTINF:9,\nfile:///etc/passwd\n",
                'no recording that can be played',
            ],
            'a list that calls itself Ogg' => [
                fn () => "OggS\0ffconcat version 1.0\nfile /etc/passwd\n",
                'no recording that can be played',
            ],
            'noise behind the head of a WebM' => [
                fn () => $head('a.webm').str_repeat('noise ', 2000),
                'no recording that can be played',
            ],
            'the beginning of an M4A' => [
                fn () => substr(Recorded::tone('a.m4a', 2.0), 0, 4000),
                'no recording that can be played',
            ],
            // Longer ones take a busy machine a minute to make.
            'ten minutes' => [
                fn () => Recorded::tone('a.webm', 600.0, '-b:a', '6k', '-ar', '8000'),
                'longer than 2 minutes',
            ],
            'three minutes that say they are one second' => [
                fn () => self::lying(Recorded::tone('a.wav', 180.0, '-ar', '8000', '-c:a', 'pcm_u8')),
                'longer than 2 minutes',
            ],
            'too heavy' => [fn () => Recorded::wave(0.1).str_repeat('x', 20 * 1024 * 1024), '20 MB'],
        ];
    }

    /** @param  callable(): string  $content */
    #[DataProvider('refused')]
    public function test_what_is_no_recording_is_refused_in_words_and_nothing_is_kept(
        callable $content,
        string $said,
    ): void {
        $before = StoredFile::count();
        try {
            $this->take($content());
            $this->fail('It was taken.');
        } catch (FileRefused $refused) {
            $this->assertStringContainsString($said, $refused->getMessage());
        }
        $this->assertSame($before, StoredFile::count());
    }

    public function test_one_that_takes_too_long_is_refused_as_a_recording(): void
    {
        config(['slate.recordings.seconds' => 0.0005]);
        $this->expectExceptionMessage('This recording takes too long');
        $this->take(Recorded::wave(0.2));
    }

    public function test_what_a_teacher_lays_is_heard_by_those_whose_page_it_is_on_and_by_nobody_else(): void
    {
        $page = $this->page();
        $this->actingAs($this->worksheet->teacher, 'teacher');
        $sent = $this->post(
            route('recordings.store', $page),
            ['file' => UploadedFile::fake()->createWithContent('hello.wav', Recorded::wave(0.4))],
            ['Accept' => 'application/json'],
        )->assertCreated();
        $this->assertFalse($sent->json('film'));
        $this->assertEqualsWithDelta(0.4, $sent->json('seconds'), 0.1);
        $source = (string) $sent->json('source');
        $this->lay(new Recording('v', Frame::of(50, 20, 220, 34), $source, 'Welcome', 'Tie three knots.'));
        $this->get("/recordings/{$source}")
            ->assertOk()
            ->assertHeader('Content-Type', 'audio/mp4');
        $this->get("/pictures/{$source}")->assertForbidden();
        $this->handOut();

        $this->as($this->student);
        $this->get("/my/copies/{$this->copy->id}")
            ->assertOk()
            ->assertSee("/recordings/{$source}")
            ->assertSee('Tie three knots.');
        $this->get("/recordings/{$source}", ['Range' => 'bytes=4-7'])
            ->assertStatus(206)
            ->assertHeader('Content-Length', '4');
        $this->as(Student::factory()->create())
            ->get("/recordings/{$source}")
            ->assertForbidden();
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs(Teacher::factory()->create(), 'teacher')
            ->get("/recordings/{$source}")
            ->assertForbidden();
    }

    public function test_a_page_names_only_recordings_that_its_teacher_was_given_and_no_picture_as_one(): void
    {
        $others = $this->take(Recorded::wave(0.1))->file->sha256;
        $recording = new Recording('v', Frame::of(50, 20, 220, 34), $others);
        $this->assertRefused(fn () => $this->lay($recording));
        TeacherFile::give($this->worksheet->teacher_id, new PageFile($others));
        $this->assertRefused(fn () => $this->lay(new Picture('i', Frame::of(50, 20, 90, 90), $others)));
        $this->lay($recording);
        $this->assertRefused(fn () => $this->lay(new Picture('i', Frame::of(50, 20, 90, 90), $others)));
        $page = $this->page();
        $id = $page->current->page()->elements()[1]->id();
        $this->assertRefused(
            fn () => app(ApplyEdit::class)(
                $page,
                $page->revision,
                new Change(Selection::of([$id]), ['source' => str_repeat('0', 64)]),
            ),
        );
    }

    public function test_a_student_says_an_answer_hears_it_again_and_their_teacher_hears_it(): void
    {
        $this->handOut();
        $this->as($this->student);
        $value = (string) $this->say(Recorded::wave(0.3))
            ->assertCreated()
            ->assertJson(['filled' => 1])
            ->json('value');
        $this->assertSame($value, $this->copy->refresh()->written()->text('1.s'));
        $this->get("/recordings/{$value}")->assertOk();
        $this->get("/my/copies/{$this->copy->id}")->assertSee('data-value="'.$value.'"', false);
        $this->post("/my/copies/{$this->copy->id}/hand-in");

        $this->as(Student::where('name', 'Neighbour')->sole())
            ->get("/recordings/{$value}")
            ->assertForbidden();
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($this->worksheet->teacher, 'teacher')
            ->get("/recordings/{$value}")
            ->assertOk();
        $this->get(route('desks.copy', $this->copy))->assertSee("/recordings/{$value}");
        $this->get(route('marking', [$this->copy->item->handout_id]))
            ->assertOk()
            ->assertSee("/recordings/{$value}");
    }

    public function test_words_pictures_and_the_recordings_of_others_are_no_spoken_answer(): void
    {
        $this->handOut();
        $this->as($this->student);
        $this->say('Dear diary')->assertUnprocessable()->assertSee('no recording');
        $png = Recorded::made('a.png', '-f', 'lavfi', '-i', 'color=size=64x64', '-frames:v', '1');
        $this->say($png)->assertUnprocessable();
        $others = $this->take(Recorded::wave(0.1))->file->sha256;
        $draft = fn (string $text): array => [
            'draft' => ['base' => 0, 'window' => 'wind', 'answers' => ['1.s' => $text]],
            'page' => 1,
        ];
        $this->patchJson("/my/copies/{$this->copy->id}", $draft($others))->assertOk();
        $this->patchJson("/my/copies/{$this->copy->id}", $draft('I say it in words'))->assertOk();
        $this->assertSame('', $this->copy->refresh()->written()->text('1.s'));
        $this->post("/my/copies/{$this->copy->id}/hand-in");
        $this->say(Recorded::wave(0.1))->assertConflict();
    }

    public function test_what_was_said_anew_goes_after_a_day_and_what_a_used_copy_holds_stays(): void
    {
        $this->handOut();
        $this->as($this->student);
        $this->say(Recorded::wave(0.1));
        $second = (string) $this->say(Recorded::wave(0.2))->json('value');
        $this->travel(2)->days();
        $this->assertSame(1, app(SweepPictures::class)());
        app(GiveFreshCopies::class)(
            $this->copy
                ->item()
                ->with(['edition.revisions', 'handout'])
                ->sole(),
            [$this->copy->id],
        );
        $this->travel(2)->days();
        $this->assertSame(0, app(SweepPictures::class)());
        $this->assertSame([$second], DB::table('copy_files')->pluck('sha256')->all());
    }

    /** A WAV whose head says that one second follows. */
    private static function lying(string $wave): string
    {
        $at = (int) strpos($wave, 'data') + 4;

        return substr_replace($wave, pack('V', 0xFFFFFFFF), $at, 4);
    }

    private function take(string $content, bool $heard = false): KeptRecording
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'recording');
        file_put_contents($path, $content);
        try {
            return app(Recordings::class)->take($path, $heard);
        } finally {
            unlink($path);
        }
    }

    private function path(KeptRecording $kept): string
    {
        return app(FileStore::class)->path($kept->file->sha256);
    }

    private function probe(KeptRecording $kept, string $entries, string ...$streams): string
    {
        $select = $streams === [] ? [] : ['-select_streams', ...$streams];
        $process = new Process([
            ...['ffprobe', '-v', 'error', ...$select, '-show_entries', $entries],
            ...['-of', 'csv=p=0:s=x', $this->path($kept)],
        ]);

        return trim($process->mustRun()->getOutput());
    }

    /** @return list<string> */
    private function codecs(KeptRecording $kept): array
    {
        return explode("\n", $this->probe($kept, 'stream=codec_name'));
    }

    private function page(): WorksheetPage
    {
        return WorksheetPage::where('worksheet_id', $this->worksheet->id)->sole();
    }

    private function lay(Element $element): void
    {
        $page = $this->page();
        app(ApplyEdit::class)($page, $page->revision, new Place([$element]));
    }

    private function assertRefused(callable $edit): void
    {
        try {
            $edit();
            $this->fail('It was laid.');
        } catch (EditRefused $refused) {
            $this->assertEquals(EditRefused::notYours(), $refused);
        }
    }

    private function handOut(): void
    {
        $class = SchoolClass::factory()->of($this->worksheet->teacher)->create();
        $this->student = Student::factory()->create();
        $class->students()->attach([$this->student->id, Student::factory()->create(['name' => 'Neighbour'])->id]);
        app(HandOutWorksheets::class)(
            $this->worksheet->teacher,
            new HandoutPlan('T', '', null, null, [[$this->worksheet, Mode::OwnCopy]], [$class]),
        );
        $this->copy = Copy::where('student_id', $this->student->id)->sole();
    }

    private function as(Student $student): self
    {
        $this->app?->make('auth')->forgetGuards();

        return $this->actingAs($student, 'student');
    }

    /** @return TestResponse<Response> */
    private function say(string $content): TestResponse
    {
        return $this->post(
            "/my/copies/{$this->copy->id}/files",
            [
                'file' => UploadedFile::fake()->createWithContent('said.webm', $content),
                'place' => '1.s',
                'base' => $this->copy->refresh()->written()->revision,
                'window' => 'wind',
                'page' => 1,
            ],
            ['Accept' => 'application/json'],
        );
    }
}
