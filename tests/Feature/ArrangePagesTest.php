<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Actions\CutPageSet;
use App\Actions\JoinArrived;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\PdfMaker;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** The pages of a worksheet: moved, added, turned, given other paper, taken out, and all of it taken back. */
final class ArrangePagesTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Teacher $teacher;

    private Worksheet $worksheet;

    /** @var list<int> the ids of its pages as it came */
    private array $ids;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->worksheet = $this->file(5);
        $this->ids = $this->order();
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_each_change_is_one_step_back_and_forward(): void
    {
        [$a, $b, $c, $d, $e] = $this->ids;
        $this->change('arrange', ['kind' => 'move', 'pages' => [$e], 'before' => $a])
            ->assertOk()
            ->assertJson(['arranged' => 2, 'undo' => true, 'redo' => false]);
        $this->change('arrange', ['kind' => 'remove', 'pages' => [$b, $c]])
            ->assertOk()
            ->assertJson(['total' => 3]);
        $this->change('undo')->assertOk();
        $this->assertSame([$e, $a, $b, $c, $d], $this->order());
        $this->change('undo')
            ->assertOk()
            ->assertJson(['undo' => false, 'redo' => true, 'total' => 5]);
        $this->assertSame([$a, $b, $c, $d, $e], $this->order());
        $this->change('redo')->assertOk();
        $this->change('redo')->assertOk();
        $this->assertSame([$e, $a, $d], $this->order());
    }

    public function test_the_last_page_stays_and_one_that_was_taken_out_cannot_be_moved(): void
    {
        [$a, $b, $c, $d, $e] = $this->ids;
        $this->change('arrange', ['kind' => 'remove', 'pages' => [$b, $c]])->assertOk();
        $this->change('arrange', ['kind' => 'remove', 'pages' => [$e, $a, $d]])
            ->assertUnprocessable()
            ->assertSee('Leave at least one');
        $this->change('arrange', ['kind' => 'move', 'pages' => [$b], 'before' => null])
            ->assertUnprocessable()
            ->assertSee('no longer in this worksheet');
    }

    public function test_a_window_that_is_behind_changes_nothing_and_is_shown_what_is(): void
    {
        $this->change('arrange', ['kind' => 'move', 'pages' => [$this->ids[0]], 'before' => null])->assertOk();
        $order = $this->order();
        $this->postJson($this->url('arrange'), ['base' => 0, 'kind' => 'remove', 'pages' => [$this->ids[1]]])
            ->assertConflict()
            ->assertJson(['arranged' => 2, 'total' => 5])
            ->assertSee('changed in another window');
        $this->assertSame($order, $this->order());
    }

    public function test_turning_is_taken_back_unless_the_page_was_changed_since(): void
    {
        [$a, $b] = $this->ids;
        $this->change('turn', ['pages' => [$a, $b], 'degrees' => 90])->assertOk();
        $this->assertSame([842, 595], $this->paperOf($a));
        $this->change('undo')->assertOk();
        $this->assertSame([595, 842], $this->paperOf($a));
        $this->change('redo')->assertOk();
        $this->assertSame([[842, 595], [842, 595]], [$this->paperOf($a), $this->paperOf($b)]);
        $page = WorksheetPage::findOrFail($b);
        app(ApplyEdit::class)(
            $page,
            $page->revision,
            new Place([new AnswerBox('x', Frame::of(10, 10, 100, 20))]),
        );
        $this->change('undo')->assertUnprocessable()->assertSee('Page 2 was changed on the bench since.');
        $this->assertSame([842, 595], $this->paperOf($a), 'all of it or nothing');
        $this->change('turn', ['pages' => [$a], 'degrees' => 45])->assertUnprocessable();
    }

    public function test_other_paper_says_beforehand_what_becomes_of_the_page(): void
    {
        $page = WorksheetPage::findOrFail($this->ids[0]);
        app(ApplyEdit::class)($page, 1, new Place([new AnswerBox('x', Frame::of(400, 700, 150, 20))]));
        $body = ['pages' => [$page->id], 'paper' => 'A5', 'landscape' => false, 'fit' => 'keep'];
        $said = 'On 1 page some of the print would lie off the paper.';
        $this->postJson($this->url('paper/preview'), $body)
            ->assertOk()
            ->assertSee(
                '1 page on A5. Print, boxes and words keep their size. 1 thing is moved in, to stay on the paper. '.
                    $said,
            );
        $this->change('paper', $body)->assertOk();
        $this->assertSame([420, 595], $this->paperOf($page->id));
        $this->assertEqualsWithDelta(
            419.53 - 150,
            $page->refresh()->current->page()->element('x')?->frame()->x,
            0.01,
        );
        foreach (
            [
                ['paper' => 'A9'],
                ['paper' => 'own', 'width' => 1, 'height' => 1, 'unit' => 'mm'],
                ['paper' => 'own'],
            ] as $bad
        ) {
            $this->change('paper', $bad + $body)->assertUnprocessable();
        }
        $this->change(
            'paper',
            ['paper' => 'own', 'width' => 5.5, 'height' => 8, 'unit' => 'in'] + $body,
        )->assertOk();
        $this->assertSame([396, 576], $this->paperOf($page->id));
    }

    public function test_blank_pages_go_in_where_they_are_wanted_and_are_taken_back_in_one_step(): void
    {
        $this->change('blank', ['paper' => 'B5', 'landscape' => true, 'count' => 2, 'before' => $this->ids[1]])
            ->assertOk()
            ->assertJson(['total' => 7]);
        $this->assertSame([709, 499], $this->paperOf($this->order()[1]));
        $this->change('undo')->assertOk();
        $this->assertSame($this->ids, $this->order());
    }

    public function test_pages_of_another_worksheet_go_in_in_their_order_and_it_keeps_them(): void
    {
        $other = $this->file(4);
        $files = StoredFile::count();
        $this->change('take', ['from' => $other->id, 'range' => '4, 1-2', 'before' => $this->ids[0]])->assertOk();
        $taken = WorksheetPage::with('source')
            ->findMany(array_slice($this->order(), 0, 3))
            ->sortBy('position')
            ->values();
        $this->assertSame(
            [4, 1, 2],
            $taken->map(fn (WorksheetPage $page): ?int => $page->source?->position)->all(),
        );
        $this->assertSame($this->ids[0], $this->order()[3]);
        $this->assertSame($files, StoredFile::count(), 'no picture is copied');
        $this->assertSame(4, $other->pages()->count());
    }

    public function test_pages_that_cannot_be_added_are_refused_in_words(): void
    {
        $other = $this->file(4);
        $this->change('take', ['from' => $other->id, 'range' => '4-1'])
            ->assertUnprocessable()
            ->assertSee('runs backwards');
        $this->change('take', ['from' => $other->id, 'range' => '3-9'])
            ->assertUnprocessable()
            ->assertJson(['message' => '“3-9” goes past the end: there are 4 pages.']);
        $this->change('take', ['from' => $this->file(1, Teacher::factory()->create())->id, 'range' => '1'])
            ->assertUnprocessable()
            ->assertSee('no longer on your shelf');
        $this->change('blank', ['paper' => 'A4', 'count' => 51])
            ->assertUnprocessable()
            ->assertSee('from 1 to 50');
    }

    public function test_a_duplicate_lies_behind_its_page_with_what_is_on_it(): void
    {
        [$a, $b, $c] = $this->ids;
        $page = WorksheetPage::findOrFail($b);
        app(ApplyEdit::class)($page, 1, new Place([new AnswerBox('x', Frame::of(40, 70, 150, 20))]));
        $this->change('duplicate', ['pages' => [$a, $b]])
            ->assertOk()
            ->assertJson(['total' => 7]);
        $order = $this->order();
        $this->assertSame([$a, $b, $c], [$order[0], $order[2], $order[4]]);
        $this->assertNotNull(WorksheetPage::findOrFail($order[3])->current->page()->element('x'));
        $this->assertNotSame(
            $page->anchor,
            WorksheetPage::findOrFail($order[3])->anchor,
            'links can tell them apart',
        );
    }

    public function test_added_files_go_in_in_the_order_in_which_they_were_chosen(): void
    {
        $this->upload(PdfMaker::pages(2), $this->ids[1])->assertCreated();
        $this->upload(PdfMaker::pages(1), $this->ids[1])->assertCreated();
        $this->assertSame(8, $this->worksheet->refresh()->pages_total);
        $this->assertSame(1, Worksheet::count(), 'nothing is left of how they came');
        $this->assertSame([$this->ids[0], $this->ids[1]], [$this->order()[0], $this->order()[4]]);
        $this->change('undo')
            ->assertOk()
            ->assertJson(['total' => 7]);
        $this->upload('no PDF', null)->assertUnprocessable();
        $this->assertSame(7, $this->worksheet->refresh()->pages_total);
    }

    public function test_a_file_whose_worksheet_was_locked_meanwhile_stands_by_itself(): void
    {
        $arrived = $this->file(2);
        $arrived->update(['name' => 'Knots', 'joins_id' => $this->worksheet->id]);
        app(CutPageSet::class)($this->worksheet, [1], 'Set');
        $this->get('/shelf')->assertOk()->assertDontSee($arrived->name);
        $this->assertTrue(app(JoinArrived::class)($arrived));
        $arrived = Worksheet::findOrFail($arrived->id);
        $this->assertNull($arrived->joins_id);
        $this->assertSame(2, $arrived->pages()->count());
        $this->get('/shelf')->assertSee($arrived->name);
    }

    public function test_a_file_waits_for_one_that_was_added_before_it(): void
    {
        $first = $this->file(1);
        $second = $this->file(1);
        $first->update(['joins_id' => $this->worksheet->id, 'state' => WorksheetState::Preparing]);
        $second->update(['joins_id' => $this->worksheet->id]);
        $this->assertFalse(app(JoinArrived::class)($second));
        $first->update(['state' => WorksheetState::Ready]);
        $this->assertTrue(app(JoinArrived::class)($first));
        $this->assertTrue(app(JoinArrived::class)($second->refresh()));
        $this->assertSame(7, $this->worksheet->refresh()->pages_total);
    }

    public function test_a_locked_master_takes_notes_but_no_changes_until_it_is_unlocked(): void
    {
        $set = app(CutPageSet::class)($this->worksheet, [2, 3], 'Set');
        $this->change('arrange', ['kind' => 'role', 'role' => 'guide', 'pages' => [$this->ids[0]]])->assertOk();
        foreach (
            [
                ['arrange', ['kind' => 'move', 'pages' => [$this->ids[0]]]],
                ['turn', ['pages' => [$this->ids[0]], 'degrees' => 90]],
                ['blank', ['paper' => 'A4']],
                ['duplicate', ['pages' => [$this->ids[0]]]],
            ] as [$what, $body]
        ) {
            $this->change($what, $body)->assertStatus(Response::HTTP_LOCKED);
        }
        $this->upload(PdfMaker::pages(1), null)->assertStatus(Response::HTTP_LOCKED);
        $this->worksheet->refresh()->update(['unlocked' => true]);
        $this->change('arrange', ['kind' => 'move', 'pages' => [$this->ids[1]], 'before' => null])->assertOk();
        $this->assertSame('5, 2', $set->refresh()->cut_from, 'the set says where its pages now are');
        $this->assertSame(2, $set->pages()->count());
        $this->change('arrange', ['kind' => 'remove', 'pages' => [$this->ids[1]]])->assertOk();
        $this->assertSame('2', $set->refresh()->cut_from);
        $this->assertSame(2, $set->pages()->count());
        $this->get("/worksheets/{$set->id}")->assertOk();
    }

    private function file(int $pages, ?Teacher $teacher = null): Worksheet
    {
        return app(BringInFile::class)(
            $teacher ?? $this->teacher,
            PdfMaker::file(PdfMaker::pages($pages)),
            'sheet.pdf',
        )->refresh();
    }

    /** @return list<int> */
    private function order(): array
    {
        return array_values($this->worksheet->pages()->pluck('id')->all());
    }

    /** @return array{int, int} */
    private function paperOf(int $id): array
    {
        $size = WorksheetPage::findOrFail($id)->current->page()->size;

        return [(int) round($size->width), (int) round($size->height)];
    }

    private function url(string $what): string
    {
        return "/worksheets/{$this->worksheet->id}/pages/{$what}";
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function change(string $what, array $body = []): TestResponse
    {
        return $this->postJson($this->url($what), ['base' => $this->worksheet->refresh()->arranged] + $body);
    }

    /** @return TestResponse<Response> */
    private function upload(string $content, ?int $before): TestResponse
    {
        return $this->post(
            "/worksheets/{$this->worksheet->id}/files",
            ['file' => UploadedFile::fake()->createWithContent('more.pdf', $content), 'before' => $before],
            ['Accept' => 'application/json'],
        );
    }
}
