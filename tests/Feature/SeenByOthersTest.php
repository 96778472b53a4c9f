<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Elements\Patch;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Page\PageFile;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\PdfMaker;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** Who sees which picture: what somebody was given, and never what they can name. */
final class SeenByOthersTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Teacher $teacher;

    private Student $student;

    /** Two pages of 600 by 800 points: one white with a black square at its top left, one a key, black all over. */
    private Worksheet $pack;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->student = Student::factory()->create()->refresh();
        $this->pack = app(BringInFile::class)(
            $this->teacher,
            PdfMaker::file(
                PdfMaker::make([
                    ['media' => '0 0 600 800', 'content' => '0 g 0 700 100 100 re f'],
                    ['media' => '0 0 600 800', 'content' => '0 g 0 0 600 800 re f'],
                ]),
            ),
            'pack.pdf',
        )->refresh();
    }

    public function test_a_clip_of_a_key_lets_nobody_see_the_rest_of_that_page(): void
    {
        $this->lay($this->clip('answer', kept: true), $this->clip('hint'));
        [$copy, $item] = $this->handOut();
        $source = $this->source();
        $html = (string) $this->get("/my/copies/{$copy->id}")
            ->assertOk()
            ->getContent();

        $this->assertStringNotContainsString(
            $source,
            $html,
            'the pages of a copy say nothing of the file they come from',
        );
        foreach (['page', 'thumbnail'] as $size) {
            $this->assertNotSame(200, $this->get("/backdrops/{$source}/2/{$size}")->getStatusCode());
        }
        $this->get("/my/sheets/{$item->id}/2/page")->assertNotFound();
        [$width, $height] = $this->pixels($this->get("/my/sheets/{$item->id}/1/element-hint")->assertOk());
        $this->assertSame([120, 80], [$width, $height], 'a tenth of the page, at 144 dpi: the clip is all there is');

        $this->get("/my/sheets/{$item->id}/1/element-answer")->assertForbidden();
        $item->handout->update(['answers_shown_at' => now()]);
        $this->get("/my/sheets/{$item->id}/1/element-answer")->assertOk();
    }

    public function test_a_patch_covers_for_good(): void
    {
        $this->lay(
            new Link(
                'l',
                Frame::of(10, 10, 50, 20),
                LinkTarget::of('https://tides.example/key'),
                'The key',
                printed: true,
            ),
            $this->clip('c', Frame::of(300, 300, 60, 80)),
            new Patch('p', Frame::of(0, 0, 100, 100)),
            new Patch('q', Frame::of(300, 300, 30, 80)),
        );
        [$copy, $item] = $this->handOut();

        $this->assertStringNotContainsString(
            'tides.example',
            (string) $this->get("/my/copies/{$copy->id}")
                ->assertOk()
                ->getContent(),
        );
        foreach (['page', 'thumbnail'] as $size) {
            [$width, $height, $at] = $this->pixels($this->get("/my/sheets/{$item->id}/1/{$size}")->assertOk());
            $this->assertEqualsWithDelta(600 / 800, $width / $height, 0.01);
            $this->assertGreaterThan(
                250,
                $at(0.02, 0.02),
                "the black square is not in the {$size} that a student is sent",
            );
        }
        [, , $at] = $this->pixels($this->get("/my/sheets/{$item->id}/1/element-c"));
        $this->assertGreaterThan(250, $at(0.25, 0.5), 'what covers half of a clip is gone from it');
        $this->assertLessThan(10, $at(0.75, 0.5));
    }

    public function test_what_a_box_says_to_screen_readers_goes_with_the_print_that_a_patch_covers(): void
    {
        $this->pack = app(BringInFile::class)(
            $this->teacher,
            PdfMaker::file(
                PdfMaker::make([
                    ['media' => '0 0 600 800', 'content' => 'BT /F1 12 Tf 60 700 Td (Name the Severn bridge) Tj ET'],
                ]),
            ),
            'asked.pdf',
        )->refresh();
        $this->lay(new AnswerBox('a', Frame::of(60, 110, 200, 20), prompt: 'Name the Severn bridge', printed: true));
        [$copy] = $this->handOut();
        $this->assertStringContainsString('Severn', (string) $this->get("/my/copies/{$copy->id}")->getContent());

        $this->lay(new Patch('p', Frame::of(50, 80, 300, 30)));
        [$copy] = $this->handOut();
        $this->assertStringNotContainsString(
            'Severn',
            (string) $this->get("/my/copies/{$copy->id}")
                ->assertOk()
                ->getContent(),
        );
    }

    public function test_what_is_printed_is_there_as_words_but_for_what_is_covered_or_kept_back(): void
    {
        $text = fn (int $y, string $words): string => "BT /F1 12 Tf 60 {$y} Td ({$words}) Tj ET ";
        $this->pack = app(BringInFile::class)(
            $this->teacher,
            PdfMaker::file(
                PdfMaker::make([
                    [
                        'media' => '0 0 600 800',
                        'content' => $text(700, 'When is the ebb?').$text(600, 'Answer: at noon'),
                    ],
                    ['media' => '0 0 600 800', 'content' => $text(700, 'At 12:40, before the neap')],
                ]),
            ),
            'words.pdf',
        )->refresh();
        $this->lay(
            new Patch('p', Frame::of(50, 180, 400, 30)),
            new AnswerBox('a', Frame::of(60, 110, 200, 20)),
            new Clip('k', Frame::of(50, 400, 500, 40), $this->source(), 2, top: 0.1, down: 0.05, kept: true),
        );
        [$copy, $item] = $this->handOut();
        $html = (string) $this->get("/my/copies/{$copy->id}")
            ->assertOk()
            ->getContent();

        $this->assertStringContainsString('>When is the ebb?</text>', $html);
        $this->assertStringContainsString('aria-label="When is the ebb?"', $html, 'the box is named by its question');
        $this->assertStringNotContainsString('noon', $html, 'a patch takes the words with it');
        $this->assertStringNotContainsString('neap', $html, 'an answer that is kept back says nothing');

        $item->handout->forceFill(['answers_shown_at' => now()])->save();
        $this->assertStringContainsString(
            'before the neap',
            (string) $this->get("/my/copies/{$copy->id}")->getContent(),
        );
    }

    public function test_the_hash_of_a_picture_gives_nobody_sight_of_it(): void
    {
        $picture = StoredFile::where('media_type', 'image/jpeg')->firstOrFail()->sha256;
        $this->lay(new AnswerBox('a', Frame::of(50, 50, 200, 20)));
        [$copy] = $this->handOut();
        $this->patchJson("/my/copies/{$copy->id}", [
            'draft' => ['base' => 0, 'window' => 'wind', 'answers' => ['1.a' => $picture]],
            'page' => 1,
        ])->assertOk();

        $this->get("/pictures/{$picture}")->assertForbidden();
        $this->as($this->teacher)
            ->get("/pictures/{$picture}")
            ->assertForbidden(); // The pages of a file have addresses of their own.
    }

    public function test_a_colleague_keeps_no_sight_of_what_is_no_longer_shared(): void
    {
        $colleague = Teacher::factory()->create();
        $own = Worksheet::factory()->for($colleague)->withPages()->create()->pages()->sole();
        $this->pack->update(['shared_with_school' => true]);
        $source = $this->source();
        $this->as($colleague)
            ->get("/backdrops/{$source}/1/page")
            ->assertOk();
        $this->pack->update(['shared_with_school' => false]);

        $raw = [
            'kind' => 'clip',
            'x' => 10,
            'y' => 10,
            'width' => 60,
            'height' => 80,
            'source' => $source,
            'page' => 2,
            'turn' => 0,
            'left' => 0,
            'top' => 0,
            'across' => 1,
            'down' => 1,
        ];
        $this->edit($own, ['kind' => 'place', 'elements' => [$raw]])
            ->assertUnprocessable()
            ->assertSee('not among yours');
        $this->get("/backdrops/{$source}/2/page")->assertForbidden();
        $this->get("/backdrops/{$source}/1/page")->assertForbidden();
    }

    public function test_no_edit_brings_in_what_its_teacher_was_not_given(): void
    {
        $colleague = Teacher::factory()->create();
        [$mine, $theirs] = array_map($this->picture(...), [[255, 0, 0], [0, 0, 255]]);
        TeacherFile::give($colleague->id, new PageFile($mine));
        $page = Worksheet::factory()->for($colleague)->withPages()->create()->pages()->sole();
        $this->as($colleague)
            ->edit($page, [
                'kind' => 'place',
                'elements' => [
                    [
                        'kind' => 'picture',
                        'x' => 10,
                        'y' => 10,
                        'width' => 40,
                        'height' => 30,
                        'source' => $mine,
                        'words' => '',
                    ],
                ],
            ])
            ->assertOk();
        $id = $page->refresh()->current->page()->elements()[0]->id();

        $this->edit($page, ['kind' => 'change', 'ids' => [$id], 'set' => ['source' => $theirs]])
            ->assertUnprocessable()
            ->assertSee('not among yours');
        $this->postJson("/pages/{$page->id}/clip-part", [
            'base' => $page->refresh()->revision,
            'id' => $id,
        ])->assertOk();
        $this->edit($page, [
            'kind' => 'change',
            'ids' => [$id],
            'set' => ['own' => true, 'set' => [['source' => $theirs]]],
        ])
            ->assertUnprocessable()
            ->assertSee('not among yours');
        $this->edit($page, [
            'kind' => 'change',
            'ids' => [$id],
            'set' => ['own' => true, 'set' => [['source' => $mine]]],
        ])->assertOk();
        $this->get("/pictures/{$theirs}")->assertForbidden();
        $this->get("/pictures/{$mine}")->assertOk();
    }

    private function source(): string
    {
        return (string) $this->pack->pages()->firstOrFail()->backdrop?->source;
    }

    /** A tenth of the key's width and as much of its height as is that size on the first page. */
    private function clip(string $id, ?Frame $frame = null, bool $kept = false): Clip
    {
        return new Clip(
            $id,
            $frame ?? Frame::of(200, 200, 60, 40),
            $this->source(),
            2,
            left: 0.1,
            top: 0.1,
            across: 0.1,
            down: 0.05,
            kept: $kept,
        );
    }

    private function lay(Element ...$elements): void
    {
        $page = $this->pack->pages()->where('position', 1)->sole();
        app(ApplyEdit::class)($page, $page->revision, new Place(array_values($elements)));
    }

    /** @return array{Copy, HandoutItem} the first page alone, handed to the student */
    private function handOut(): array
    {
        $set = Worksheet::factory()
            ->for($this->teacher)
            ->create(['pages_total' => 1]);
        $first = $this->pack->pages()->where('position', 1)->sole();
        app(\App\Actions\CopyPages::class)([$first->load('current')], $set, false);
        $class = SchoolClass::factory()->of($this->teacher)->create();
        $class->students()->attach($this->student);
        $handout = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('T', '', null, null, [[$set, Mode::OwnCopy]], [$class]),
        );
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($this->student, 'student');

        return [Copy::query()->latest('id')->firstOrFail(), $handout->items()->sole()];
    }

    private function as(Teacher $teacher): self
    {
        $this->app?->make('auth')->forgetGuards();

        return $this->actingAs($teacher, 'teacher');
    }

    /**
     * @param  array<string, mixed>  $edit
     * @return TestResponse<Response>
     */
    private function edit(WorksheetPage $page, array $edit): TestResponse
    {
        return $this->postJson("/pages/{$page->id}/edits", ['base' => $page->refresh()->revision, 'edit' => $edit]);
    }

    /** @param  array{int, int, int}  $colour */
    private function picture(array $colour): string
    {
        $image = imagecreatetruecolor(8, 8);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, ...$colour));
        $path = (string) tempnam(sys_get_temp_dir(), 'seen');
        imagepng($image, $path);
        [$file] = app(\App\Documents\Pictures::class)->take($path);
        unlink($path);

        return $file->sha256;
    }

    /**
     * @param  TestResponse<Response>  $response
     * @return array{int, int, callable(float, float): int} width, height, and how light it is at shares of them
     */
    private function pixels(TestResponse $response): array
    {
        $file =
            $response->baseResponse instanceof \Symfony\Component\HttpFoundation\BinaryFileResponse
                ? $response->baseResponse->getFile()->getContent()
                : '';
        $image = imagecreatefromstring($file);
        assert($image !== false);

        return [
            imagesx($image),
            imagesy($image),
            fn (float $x, float $y): int => (imagecolorat(
                $image,
                (int) ($x * imagesx($image)),
                (int) ($y * imagesy($image)),
            ) >>
                8) &
                0xFF,
        ];
    }
}
