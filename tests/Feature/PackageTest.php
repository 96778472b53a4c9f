<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Actions\BringInPackage;
use App\Documents\FileStore;
use App\Documents\Pictures;
use App\Documents\Recordings;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Recording;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\Role;
use OpenSlate\Page\PageFile;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionsCodec;
use OpenSlate\Refusal;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Format\PageCodecTest;
use Tests\Support\PdfMaker;
use Tests\Support\ReadsFilesOnce;
use Tests\Support\Recorded;
use Tests\TestCase;
use ZipArchive;

/** Worksheets leave as packages, and come back whole; what is no package, or a bad one, leaves nothing. */
final class PackageTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Teacher $teacher;

    private Worksheet $worksheet;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->actingAs($this->teacher, 'teacher');
        $this->worksheet = app(BringInFile::class)(
            $this->teacher,
            base_path('database/demo/tide-times.pdf'),
            'tide-times.pdf',
        )->refresh();
        $this->lay($this->worksheet, [
            new AnswerBox('a', Frame::of(140, 283, 120, 18), prompt: 'Which day?', key: ['Saturday']),
            new AnswerBox('p', Frame::of(50, 500, 300, 80), PassageAnswer::of('the tide are high', 'the tide is high')),
            new Picture('i', Frame::of(400, 100, 100, 80), $this->picture(), 'a boat'),
        ]);
        $this->worksheet->pages()->update([
            'role' => Role::Student,
            'section' => 'Day 1',
            'refused' => '[2]',
            'own_questions' => QuestionsCodec::encode([
                new Question('2a', Frame::of(60, 300.25, 400, 60), [], true, '2'),
            ]),
        ]);
    }

    public function test_a_worksheet_comes_back_whole_with_its_files_on_another_teachers_shelf(): void
    {
        $zip = $this->packed([$this->worksheet], keys: true);
        $before = $this->worksheet->pages()->with('current')->sole();
        $files = StoredFile::count();
        $other = Teacher::factory()->create();
        $this->assertFalse(TeacherFile::has($other->id, ...$before->current->files()));
        $made = $this->broughtIn($zip, $other);

        $this->assertSame(
            ['Tide times', WorksheetState::Ready, 1, $other->id],
            [$made->name, $made->state, $made->pages_total, $made->teacher_id],
        );
        $after = $made->pages()->with('current')->sole();
        $this->assertSame($before->current->content, $after->current->content, 'to the byte');
        $this->assertSame(
            [$before->anchor, $before->role, $before->section, $before->refused, $before->own_questions],
            [$after->anchor, $after->role, $after->section, $after->refused, $after->own_questions],
        );
        $this->assertSame(
            [$before->backdrop_id, '2a'],
            [$after->backdrop_id, $after->questions()[0]->number ?? null],
        );
        $this->assertSame($files, StoredFile::count(), 'the same files are kept once');
        $this->assertTrue(TeacherFile::has($other->id, ...$after->current->files()));
        $this->assertSame('tide-times.pdf', $made->original?->name);
        $this->actingAs($other, 'teacher')->get(route('bench', [$made, 1]))->assertOk();
    }

    public function test_it_comes_to_a_place_that_has_never_seen_its_files(): void
    {
        $zip = $this->packed([$this->worksheet], keys: true);
        $content = $this->worksheet->pages()->with('current')->sole()->current->content;
        foreach (
            [
                'lighter_pictures',
                'revision_files',
                'teacher_files',
                'exports',
                'page_revisions',
                'pages',
                'worksheets',
                'originals',
                'backdrops',
                'shown_pictures',
                'stored_files',
            ] as $table
        ) {
            DB::statement('PRAGMA foreign_keys = OFF');
            DB::table($table)->delete();
        }
        $made = $this->broughtIn($zip, $this->teacher);
        $page = $made
            ->pages()
            ->with(['current', 'backdrop'])
            ->sole();
        $this->assertSame($content, $page->current->content);
        $this->assertNotNull($page->backdrop);
        $this->assertNotEmpty($page->backdrop->blanksFound(), 'it was looked through for blanks');
        $this->assertFileExists(app(FileStore::class)->path($page->backdrop->image));
    }

    public function test_recordings_go_along_and_what_only_calls_itself_one_is_refused(): void
    {
        $kept = app(Recordings::class)->take(PdfMaker::file(Recorded::film('film.webm', 160, 120), 'sent.webm'), false);
        TeacherFile::give($this->teacher->id, new PageFile($kept->file->sha256, isRecording: true));
        $this->lay($this->worksheet, [new Recording(
            'r',
            Frame::of(50, 600, 240, 180),
            $kept->file->sha256,
            'Listen',
            'High water is at nine.',
            $kept->isFilm,
            $kept->seconds,
        )]);
        $zip = $this->packed([$this->worksheet], keys: true);
        $other = Teacher::factory()->create();
        $made = $this->broughtIn($zip, $other);
        $this->assertSame(WorksheetState::Ready, $made->state);
        $this->actingAs($other, 'teacher')->get(route('recordings.show', $kept->file->sha256))->assertOk();

        $spoilt = new ZipArchive;
        $spoilt->open($zip);
        $manifest = json_decode((string) $spoilt->getFromName('manifest.json'), true);
        $sound = 'no film at all';
        foreach ($manifest['files'] as $at => $file) {
            if ($file['sha256'] === $kept->file->sha256) {
                $hash = hash('sha256', $sound);
                $manifest['files'][$at] = ['sha256' => $hash, 'bytes' => strlen($sound)] + $file;
                $spoilt->addFromString("files/{$hash}.mp4", $sound);
                $page = "keys/{$this->worksheet->id}-1.json";
                $text = (string) $spoilt->getFromName($page);
                $spoilt->addFromString($page, str_replace($file['sha256'], $hash, $text));
            }
        }
        $spoilt->addFromString('manifest.json', (string) json_encode($manifest));
        $spoilt->close();
        $this->postJson(route('worksheets.store'), ['file' => new UploadedFile($zip, 'package.zip', test: true)])
            ->assertUnprocessable()
            ->assertSee('recording');
    }

    public function test_without_the_key_nothing_in_it_is_an_answer(): void
    {
        $zip = $this->opened($this->packed([$this->worksheet], keys: false));
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $this->assertStringStartsNotWith('keys/', (string) $zip->getNameIndex($at));
            if (str_ends_with((string) $zip->getNameIndex($at), '.json')) {
                foreach (['Saturday', 'the tide is high'] as $answer) {
                    $this->assertStringNotContainsString($answer, (string) $zip->getFromIndex($at));
                }
            }
        }
        // With it, they are in the files of the key alone.
        $zip = $this->opened($this->packed([$this->worksheet], keys: true));
        $this->assertStringNotContainsString(
            'Saturday',
            (string) $zip->getFromName("pages/{$this->worksheet->id}-1.json"),
        );
        $this->assertStringContainsString('Saturday', (string) $zip->getFromName("keys/{$this->worksheet->id}-1.json"));
    }

    public function test_several_keep_their_units_and_the_links_between_them_and_lose_those_to_others(): void
    {
        $unit = $this->teacher->units()->create(['name' => 'The harbour', 'position' => 1]);
        $second = Worksheet::factory()->create([
            'teacher_id' => $this->teacher->id,
            'name' => 'Second',
            'pages_total' => 1,
        ]);
        $second->update(['unit_id' => $unit->id]);
        WorksheetPage::begin($second->id, $this->worksheet->pages()->with('current')->sole()->current->content, [
            'position' => 1,
            'anchor' => 'second',
        ]);
        $stranger = Worksheet::factory()
            ->withPages()
            ->create(['teacher_id' => $this->teacher->id]);
        $this->lay($second, [
            new Link('l', Frame::of(50, 20, 90, 18), LinkTarget::worksheet($this->worksheet->id), 'To the tides'),
            new Link('s', Frame::of(50, 60, 90, 18), LinkTarget::worksheet($stranger->id), 'Elsewhere'),
            new Link('w', Frame::of(50, 100, 90, 18), LinkTarget::of('https://example.org/tides'), 'Out'),
        ]);
        $this->post(route('chosen.package'), [
            'worksheets' => [$this->worksheet->id, $second->id],
        ])->assertRedirectContains('packages?of=');
        $zip = $this->packed([$this->worksheet, $second], keys: true);
        $other = Teacher::factory()->create();
        $this->broughtIn($zip, $other);
        [$tides, $made] = Worksheet::with('unit')
            ->where('teacher_id', $other->id)
            ->orderBy('name', 'desc')
            ->get()
            ->all();
        $this->assertSame(['Tide times', 'Second'], [$tides->name, $made->name]);
        $this->assertSame('The harbour', $made->unit?->name);
        $this->assertNull($tides->unit_id);
        $links = [];
        foreach ($made->pages()->with('current')->sole()->current->page()->links() as $link) {
            $links[$link->id] = $link->target->address;
        }
        $this->assertSame(['l' => "worksheet:{$tides->id}", 'w' => 'https://example.org/tides'], $links);
    }

    public function test_two_hundred_worksheets_of_all_sorts_are_the_same_out_and_in(): void
    {
        mt_srand(19);
        $sample = PageCodecTest::page()->withPrint(null);
        $all = array_filter(
            $sample->elements(),
            fn (Element $one): bool => PageFile::of($sample->withElements([$one])) === [] &&
                ! ($one instanceof Link && $one->target->worksheetId() !== null),
        );
        $this->assertGreaterThan(15, count($all));
        $ids = $contents = [];
        for ($n = 0; $n < 200; $n++) {
            $some = array_filter($all, fn (): bool => mt_rand(0, 2) === 0);
            shuffle($some);
            $worksheet = Worksheet::factory()->create([
                'teacher_id' => $this->teacher->id,
                'name' => "Sheet {$n} é<>&\"",
                'pages_total' => 1,
            ]);
            $contents[] = PageCodec::encode($sample->withElements($some));
            WorksheetPage::begin($worksheet->id, $contents[$n], ['position' => 1]);
            $ids[] = $worksheet->id;
        }
        $this->post(route('packages.store'), ['worksheets' => $ids, 'keys' => '1'])->assertSessionHasNoErrors();
        $path = app(FileStore::class)->path((string) Export::latest('id')->firstOrFail()->sha256);
        $other = Teacher::factory()->create();
        $made = app(BringInPackage::class)($other, $path);
        $came = array_combine(
            array_map(fn (Worksheet $one): string => $one->name, $made),
            array_map(fn (Worksheet $one): string => $one->pages()->with('current')->sole()->current->content, $made),
        );
        foreach ($contents as $n => $content) {
            $this->assertSame($content, $came["Sheet {$n} é<>&\""]);
        }
    }

    public function test_a_package_is_as_its_schema_says(): void
    {
        $zip = $this->opened($this->packed([$this->worksheet], keys: true));
        $validator = new Validator();
        foreach (
            [
                'manifest.json' => 'package.schema.json',
                "pages/{$this->worksheet->id}-1.json" => 'page.schema.json',
                "keys/{$this->worksheet->id}-1.json" => 'page.schema.json',
            ] as $name => $schema
        ) {
            $result = $validator->validate(
                json_decode((string) $zip->getFromName($name)),
                (string) file_get_contents(base_path("docs/{$schema}")),
            );
            $error = $result->error();
            $this->assertTrue(
                $result->isValid(),
                $name.($error === null ? '' : json_encode((new ErrorFormatter())->format($error))),
            );
        }
    }

    public function test_what_was_packed_is_shown_and_a_colleague_cannot_have_it(): void
    {
        $this->packed([$this->worksheet], keys: true);
        $this->get(route('leaving', $this->worksheet))->assertOk()->assertSee('Package: 1 worksheet with the key');
        $export = Export::latest('id')->firstOrFail();
        $this->actingAs(Teacher::factory()->create(), 'teacher')
            ->get(route('exports.file', $export))
            ->assertForbidden();
        $this->post(route('packages.store'), ['worksheets' => [$this->worksheet->id]])->assertSessionHasErrors(
            'worksheets',
        );
    }

    /** @return iterable<string, array{callable(ZipArchive, string): mixed}> how a good package is spoilt */
    public static function hostile(): iterable
    {
        $json = fn (string $name, callable $change): callable => function (ZipArchive $zip, string $id) use (
            $name,
            $change,
        ): void {
            $name = str_replace('ID', $id, $name);
            $value = json_decode((string) $zip->getFromName($name), true);
            $change($value);
            $zip->addFromString($name, (string) json_encode($value));
        };
        yield 'a newer version' => [$json('manifest.json', fn (&$of) => ($of['version'] = 2))];
        yield 'another format' => [$json('manifest.json', fn (&$of) => ($of['format'] = 'zip'))];
        yield 'no JSON' => [fn (ZipArchive $zip) => $zip->addFromString('manifest.json', '{"format"')];
        yield 'no worksheets' => [$json('manifest.json', fn (&$of) => ($of['worksheets'] = []))];
        yield 'a worksheet of no pages' => [$json('manifest.json', fn (&$of) => ($of['worksheets'][0]['pages'] = []))];
        yield 'a page that is not there' => [
            $json('manifest.json', fn (&$of) => ($of['worksheets'][0]['pages'][0]['key'] = 'keys/none.json')),
        ];
        yield 'a page from outside' => [
            $json('manifest.json', fn (&$of) => ($of['worksheets'][0]['pages'][0]['key'] = '../../.env')),
        ];
        yield 'the same anchor twice' => [
            $json('manifest.json', fn (&$of) => ($of['worksheets'][0]['pages'][1] = $of['worksheets'][0]['pages'][0])),
        ];
        yield 'an answer to no page' => [
            $json('manifest.json', fn (&$of) => ($of['worksheets'][0]['pages'][0]['answers'] = [7])),
        ];
        yield 'a file that is not named' => [$json('manifest.json', fn (&$of) => array_shift($of['files']))];
        yield 'other bytes than their hash' => [$json('manifest.json', fn (&$of) => $of['files'][0]['bytes']++)];
        yield 'no original for a print' => [$json('manifest.json', fn (&$of) => ($of['originals'] = []))];
        yield 'a page of 4,000' => [$json('keys/ID-1.json', fn (&$of) => ($of['backdrop']['page'] = 4000))];
        yield 'somebody else’s file' => [
            $json('keys/ID-1.json', fn (&$of) => ($of['backdrop']['source'] = hash('sha256', 'theirs'))),
        ];
        yield 'an element of no kind' => [
            $json('keys/ID-1.json', fn (&$of) => ($of['elements'][0]['kind'] = 'script')),
        ];
        yield 'a PDF said to be a picture' => [
            function (ZipArchive $zip, string $id): void {
                $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
                $page = json_decode((string) $zip->getFromName("keys/{$id}-1.json"), true);
                $source = $page['backdrop']['source'];
                foreach ($page['elements'] as &$element) {
                    isset($element['source']) && ($element['source'] = $source);
                }
                $zip->addFromString("keys/{$id}-1.json", (string) json_encode($page));
                $zip->addFromString('manifest.json', (string) json_encode($manifest));
            },
        ];
        yield 'a script said to be a picture' => [
            function (ZipArchive $zip, string $id): void {
                $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
                $text = (string) $zip->getFromName("keys/{$id}-1.json");
                $script = '<script>alert(1)</script>';
                $hash = hash('sha256', $script);
                foreach ($manifest['files'] as $at => $file) {
                    if ($file['type'] !== 'application/pdf') {
                        $text = str_replace($file['sha256'], $hash, $text);
                        $manifest['files'][$at] = [
                            'sha256' => $hash,
                            'bytes' => strlen($script),
                            'type' => $file['type'],
                            'path' => "files/{$hash}.jpg",
                        ];
                        $zip->addFromString("files/{$hash}.jpg", $script);
                        $zip->addFromString("files/{$hash}.png", $script);
                    }
                }
                $zip->addFromString("keys/{$id}-1.json", $text);
                $zip->addFromString('manifest.json', (string) json_encode($manifest));
            },
        ];
        yield 'a way out of it' => [fn (ZipArchive $zip) => $zip->addFromString('../out.txt', 'x')];
        yield 'an absolute path' => [fn (ZipArchive $zip) => $zip->addFromString('/etc/cron.d/x', 'x')];
        yield 'a path of another system' => [fn (ZipArchive $zip) => $zip->addFromString('..\\..\\x', 'x')];
        yield 'a link' => [
            function (ZipArchive $zip): void {
                $zip->addFromString('files/link', '/etc/passwd');
                $zip->setExternalAttributesName('files/link', ZipArchive::OPSYS_UNIX, 0120777 << 16);
            },
        ];
        yield 'a manifest that swells' => [
            fn (ZipArchive $zip) => $zip->addFromString(
                'manifest.json',
                '{"format":"'.str_repeat(' ', 30_000_000).'"}',
            ),
        ];
        yield 'a page that swells' => [
            fn (ZipArchive $zip, string $id) => $zip->addFromString("keys/{$id}-1.json", str_repeat(' ', 60_000_000)),
        ];
        yield '20,000 entries' => [
            function (ZipArchive $zip): void {
                for ($n = 0; $n < 20_000; $n++) {
                    $zip->addFromString("files/{$n}", '');
                }
            },
        ];
    }

    /** @param  callable(ZipArchive, string): mixed  $spoil */
    #[DataProvider('hostile')]
    public function test_a_package_with_one_thing_wrong_is_refused_and_nothing_of_it_stays(callable $spoil): void
    {
        $path = $this->packed([$this->worksheet], keys: true);
        $copy = PdfMaker::file((string) file_get_contents($path), 'spoilt.zip');
        $zip = new ZipArchive();
        $zip->open($copy);
        $spoil($zip, (string) $this->worksheet->id);
        $zip->close();
        $kept = fn (): array => [
            Worksheet::count(),
            WorksheetPage::count(),
            StoredFile::count(),
            DB::table('originals')->count(),
            count(glob(app(FileStore::class)->path('').'*') ?: []),
        ];
        $before = $kept();
        $other = Teacher::factory()->create();
        try {
            app(BringInPackage::class)($other, $copy);
            $this->fail('It was taken in.');
        } catch (Refusal $refusal) {
            $this->assertNotSame('', $refusal->getMessage());
        }
        $this->assertSame($before, $kept());
        $this->assertSame(0, DB::table('teacher_files')->where('teacher_id', $other->id)->count());
        $this->actingAs($other, 'teacher')
            ->postJson(route('worksheets.store'), ['file' => new UploadedFile($copy, 'spoilt.zip', test: true)])
            ->assertUnprocessable();
    }

    public function test_a_cut_off_zip_is_refused(): void
    {
        $path = $this->packed([$this->worksheet], keys: true);
        $cut = PdfMaker::file(substr((string) file_get_contents($path), 0, -200), 'cut.zip');
        $this->postJson(route('worksheets.store'), [
            'file' => new UploadedFile($cut, 'cut.zip', test: true),
        ])->assertUnprocessable();
        $this->assertSame(1, Worksheet::count());
    }

    /** @param  list<Element>  $elements */
    private function lay(Worksheet $worksheet, array $elements): void
    {
        $page = $worksheet->pages()->with('current')->firstOrFail();
        app(ApplyEdit::class)($page, $page->revision, new Place($elements));
    }

    private function picture(): string
    {
        $image = imagecreatetruecolor(40, 30);
        imagefill($image, 0, 0, 0x3366CC);
        $path = PdfMaker::file('', 'boat.png');
        imagepng($image, $path);
        $file = app(Pictures::class)->take($path)[0];
        TeacherFile::give($this->teacher->id, new PageFile($file->sha256));

        return $file->sha256;
    }

    /**
     * @param  list<Worksheet>  $worksheets
     * @return string where the package is
     */
    private function packed(array $worksheets, bool $keys): string
    {
        if (count($worksheets) === 1) {
            $this->post(
                route('leaving.make', $worksheets[0]),
                ['kind' => 'package'] + ($keys ? ['keys' => '1'] : []),
            )->assertSessionHasNoErrors();
        } else {
            $this->post(
                route('packages.store'),
                [
                    'worksheets' => array_map(fn (Worksheet $one): int => $one->id, $worksheets),
                ] + ($keys ? ['keys' => '1'] : []),
            )->assertSessionHasNoErrors();
        }
        $export = Export::latest('id')->firstOrFail();
        $this->assertSame(ExportState::Ready, $export->state, (string) $export->problem);

        return PdfMaker::file(
            (string) file_get_contents(app(FileStore::class)->path((string) $export->sha256)),
            'package.zip',
        );
    }

    private function opened(string $path): ZipArchive
    {
        $zip = new ZipArchive();
        $this->assertTrue($zip->open($path));

        return $zip;
    }

    private function broughtIn(string $path, Teacher $teacher): Worksheet
    {
        $this->actingAs($teacher, 'teacher')
            ->postJson(route('worksheets.store'), ['file' => new UploadedFile($path, 'package.zip', test: true)])
            ->assertCreated();

        return Worksheet::where('teacher_id', $teacher->id)->with('original', 'unit')->oldest('id')->firstOrFail();
    }
}
