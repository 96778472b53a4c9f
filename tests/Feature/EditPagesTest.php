<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CutPageSet;
use App\Models\PageRevision;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class EditPagesTest extends TestCase
{
    use RefreshDatabase;

    private const BOX = [
        'kind' => 'box',
        'x' => 50,
        'y' => 100,
        'width' => 200,
        'height' => 18,
        'answer' => 'short',
        'prompt' => 'Name',
        'size' => 12,
        'cover' => false,
        'outline' => true,
    ];

    private Worksheet $worksheet;

    private WorksheetPage $page;

    protected function setUp(): void
    {
        parent::setUp();
        $this->worksheet = Worksheet::factory()
            ->withPagesOf([[], [new AnswerBox('b', Frame::of(50, 50, 100, 18))]])
            ->create();
        $this->page = $this->worksheet->pages()->where('position', 1)->sole();
        $this->actingAs($this->worksheet->teacher, 'teacher');
    }

    public function test_an_edit_makes_a_numbered_revision_and_comes_back_drawn(): void
    {
        $answer = $this->edit(1, ['kind' => 'place', 'elements' => [self::BOX]])->assertOk();

        $this->assertSame([2, true, false], [$answer->json('revision'), $answer->json('undo'), $answer->json('redo')]);
        $id = (string) $answer->json('new.0');
        $this->assertStringContainsString("data-id=\"{$id}\"", (string) $answer->json("changed.{$id}"));
        $this->assertStringContainsString('A1', (string) $answer->json("rows.{$id}"));
        $this->get("/worksheets/{$this->worksheet->id}/boxes/1")
            ->assertOk()
            ->assertSee($id)
            ->assertSee('2 answer boxes');
        $this->assertSame([1, 2], $this->page->revisions()->orderBy('number')->pluck('number')->all());
    }

    public function test_two_windows_on_one_page_never_overwrite_each_other(): void
    {
        $this->edit(1, ['kind' => 'place', 'elements' => [self::BOX]])->assertOk();
        $stale = $this->edit(1, ['kind' => 'place', 'elements' => [self::BOX]])->assertConflict();

        $this->assertSame(2, $stale->json('revision'));
        $this->assertStringContainsString('another window', (string) $stale->json('message'));
        $this->assertSame(1, substr_count((string) $stale->json('page'), 'data-tag="A'));
        $this->assertSame(2, PageRevision::where('page_id', $this->page->id)->count());
        $this->edit(2, ['kind' => 'place', 'elements' => [['y' => 200] + self::BOX]])->assertOk();
    }

    public function test_undo_and_redo_walk_the_history_and_refuse_at_its_ends(): void
    {
        $id = $this->edit(1, ['kind' => 'place', 'elements' => [self::BOX]])->json('new.0');
        $this->edit(2, ['kind' => 'move', 'ids' => [$id], 'dx' => 10, 'dy' => 0])->assertOk();

        $this->step('undo', 3)->assertJson(['revision' => 4, 'undo' => true, 'redo' => true]);
        $this->assertSame(50.0, $this->now()->elements()[0]->frame()->x);
        $this->step('undo', 4)->assertJson(['revision' => 5, 'undo' => false, 'redo' => true]);
        $this->assertSame([], $this->now()->elements());
        $this->step('undo', 5)->assertUnprocessable();
        $this->step('redo', 5)->assertOk();
        $this->step('redo', 6)->assertJson(['revision' => 7, 'redo' => false]);
        $this->assertSame(60.0, $this->now()->elements()[0]->frame()->x);
        $this->step('redo', 7)->assertUnprocessable();
        $this->step('undo', 3)->assertConflict();
    }

    public function test_an_edit_that_changes_nothing_is_no_step_to_undo(): void
    {
        $id = $this->edit(1, ['kind' => 'place', 'elements' => [self::BOX]])->json('new.0');
        $this->edit(2, ['kind' => 'change', 'ids' => [$id], 'set' => ['prompt' => 'Name']])
            ->assertOk()
            ->assertJson(['revision' => 2]);
        $this->edit(2, ['kind' => 'move', 'ids' => [$id], 'dx' => -50, 'dy' => 0])->assertJson(['revision' => 3]);
        $this->edit(3, ['kind' => 'move', 'ids' => [$id], 'dx' => -50, 'dy' => 0])->assertJson(['revision' => 3]);
    }

    public function test_what_cannot_be_done_is_said_and_changes_nothing(): void
    {
        foreach (
            [
                ['kind' => 'place', 'elements' => [['x' => 590] + self::BOX]],
                ['kind' => 'move', 'ids' => ['gone'], 'dx' => 1, 'dy' => 1],
                ['kind' => 'explode'],
                'nonsense',
                null,
            ] as $edit
        ) {
            $this->edit(1, $edit)
                ->assertUnprocessable()
                ->assertJsonStructure(['message']);
        }
        $this->assertSame(1, $this->page->refresh()->revision);
    }

    public function test_words_are_drawn_as_words_and_never_as_markup(): void
    {
        $evil = '<img src=x onerror=alert(1)>"\'';
        $answer = $this->edit(1, [
            'kind' => 'place',
            'elements' => [
                ['prompt' => $evil] + self::BOX,
                [
                    'kind' => 'label',
                    'x' => 5,
                    'y' => 5,
                    'width' => 100,
                    'height' => 20,
                    'text' => $evil,
                    'size' => 12,
                    'bold' => false,
                    'highlight' => true,
                ],
            ],
        ]);

        $this->assertStringNotContainsString('<img src=x', $answer->json('page').$answer->json('ledger'));
        $label = $this->now()->elements()[1];
        $this->assertInstanceOf(Label::class, $label);
        $this->assertSame($evil, $label->text);
    }

    public function test_a_set_is_cut_with_what_lies_on_its_pages_and_the_master_stays_whole(): void
    {
        $before = PageRevision::orderBy('id')->get()->toArray();
        $files = StoredFile::count();
        $this->post("/worksheets/{$this->worksheet->id}/sets", [
            'pages' => '2, 1',
            'name' => 'Days 1–2',
        ])->assertRedirect();

        $set = $this->worksheet->sets()->sole();
        $this->assertSame(['Days 1–2', '2, 1', 2], [$set->name, $set->cut_from, $set->pages_total]);
        $this->assertCount(1, $set->pages()->where('position', 1)->sole()->current->page()->answerBoxes());
        $this->assertSame(
            $before,
            PageRevision::whereIn('id', array_column($before, 'id'))->orderBy('id')->get()->toArray(),
        );
        $this->assertSame($files, StoredFile::count());

        // The set is a worksheet of its own: an edit on it does not reach the master.
        $this->edit(1, ['kind' => 'remove', 'ids' => ['b']], $set->pages()->where('position', 1)->sole())->assertOk();
        $this->assertCount(1, $this->worksheet->pages()->where('position', 2)->sole()->current->page()->answerBoxes());
        $this->get("/worksheets/{$this->worksheet->id}")
            ->assertSee('Days 1–2')
            ->assertSee('pages 2, 1');
    }

    public function test_a_master_is_locked_by_cutting_and_unlocked_on_purpose(): void
    {
        app(CutPageSet::class)($this->worksheet, [1], 'Half');
        $place = ['kind' => 'place', 'elements' => [self::BOX]];
        $this->edit(1, $place)
            ->assertStatus(423)
            ->assertJsonStructure(['message']);
        $this->get("/worksheets/{$this->worksheet->id}/boxes/1")
            ->assertSee('Locked, so that what was cut')
            ->assertSee('Half')
            ->assertDontSee('data-bench', false);

        $this->post("/worksheets/{$this->worksheet->id}/unlock")->assertRedirect();
        $this->edit(1, $place)->assertOk();
        $this->assertReads('Unlocked. What you change', $this->get("/worksheets/{$this->worksheet->id}/boxes/1"));
        $this->post("/worksheets/{$this->worksheet->id}/lock")->assertRedirect();
        $this->edit(2, $place)->assertStatus(423);
    }

    public function test_a_set_needs_a_name_and_pages_that_are_there(): void
    {
        $url = "/worksheets/{$this->worksheet->id}/sets";
        $this->post($url, ['pages' => '1-9', 'name' => 'x'])->assertSessionHasErrors([
            'pages' => '“1-9” goes past the end: there are 2 pages.',
        ]);
        $this->post($url, ['pages' => '', 'name' => 'x'])->assertSessionHasErrors('pages');
        $this->post($url, ['pages' => '1', 'name' => '  '])->assertSessionHasErrors('name');
        $this->post($url, ['pages' => ['1'], 'name' => ['x']])->assertSessionHasErrors(['pages', 'name']);
        $this->assertSame(0, $this->worksheet->sets()->count());
    }

    public function test_a_set_can_be_cut_from_a_set(): void
    {
        $set = app(CutPageSet::class)($this->worksheet, [1, 2], 'Both');
        $this->post("/worksheets/{$set->id}/sets", ['pages' => '2', 'name' => 'Second'])->assertRedirect();
        $this->assertSame($set->id, Worksheet::where('name', 'Second')->sole()->master_id);
    }

    public function test_a_page_that_is_not_there_is_not_found(): void
    {
        $this->get("/worksheets/{$this->worksheet->id}/boxes/3")->assertNotFound();
        $this->actingAs(Teacher::factory()->create(), 'teacher');
        $this->edit(1, ['kind' => 'place', 'elements' => [self::BOX]])->assertForbidden();
    }

    /** @return TestResponse<Response> */
    private function edit(int $base, mixed $edit, ?WorksheetPage $page = null): TestResponse
    {
        return $this->postJson('/pages/'.($page ?? $this->page)->id.'/edits', ['base' => $base, 'edit' => $edit]);
    }

    /** @return TestResponse<Response> */
    private function step(string $way, int $base): TestResponse
    {
        return $this->postJson("/pages/{$this->page->id}/{$way}", ['base' => $base]);
    }

    private function now(): \OpenSlate\Page\Page
    {
        return PageCodec::decode($this->page->revisions()->latest('number')->firstOrFail()->content);
    }
}
