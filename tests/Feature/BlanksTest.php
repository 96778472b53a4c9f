<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Actions\CutPageSet;
use App\Jobs\TakeTurn;
use App\Models\Backdrop;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\JoinEnd;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\DemoPack;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** What is found on the print is proposed on the bench: taken, refused, one by one or all together. */
final class BlanksTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Worksheet $pack;

    protected function setUp(): void
    {
        parent::setUp();
        $teacher = Teacher::factory()->create();
        $this->pack = DemoPack::of($teacher);
        $this->actingAs($teacher, 'teacher');
    }

    public function test_they_are_proposed_and_become_boxes_of_their_kinds(): void
    {
        $page = $this->page(6);
        $this->get("/worksheets/{$this->pack->id}/boxes/6")
            ->assertOk()
            ->assertSee('6 blanks found here')
            ->assertSee('Proposed answer box: Name.');
        $this->postJson("/pages/{$page->id}/blanks/take", ['base' => $page->revision, 'which' => [0, 5]])
            ->assertOk()
            ->assertSee('4 blanks found here');
        $boxes = $this->boxes($page);
        $this->assertSame(['Name', AnswerKind::Short], [$boxes[0]->prompt, $boxes[0]->form->kind()]);
        $this->assertSame(AnswerKind::Lines, $boxes[1]->form->kind());
        $this->assertFalse($boxes[0]->outline, 'the print shows where to write');
    }

    public function test_undone_they_are_proposed_again_and_refused_they_are_not(): void
    {
        $page = $this->page(6);
        $this->postJson("/pages/{$page->id}/blanks/take", ['base' => 1, 'which' => [0, 5]])->assertOk();
        $this->postJson("/pages/{$page->id}/undo", ['base' => 2])
            ->assertOk()
            ->assertSee('6 blanks found here');
        $this->postJson("/pages/{$page->id}/blanks/refuse", ['which' => [1, 99]])
            ->assertOk()
            ->assertSee('5 blanks found here');
    }

    public function test_all_that_are_left_are_taken_at_once_and_then_there_are_none(): void
    {
        $page = $this->page(6);
        $this->postJson("/pages/{$page->id}/blanks/refuse", ['which' => [1]])->assertOk();
        $this->postJson("/pages/{$page->id}/blanks/take", ['base' => 1])
            ->assertOk()
            ->assertDontSee('found here');
        $this->assertCount(5, $this->boxes($page));
        $this->postJson("/pages/{$page->id}/blanks/take", ['base' => 2])->assertUnprocessable();
        $this->postJson("/pages/{$page->id}/blanks/take", ['base' => 1])->assertConflict();
    }

    public function test_all_pages_for_students_are_one_step(): void
    {
        $this->post("/worksheets/{$this->pack->id}/blanks", ['base' => 0])
            ->assertRedirect()
            ->assertSessionHas('done');
        $this->assertGreaterThan(4, count($this->boxes($this->page(7))));
        $this->assertSame([], $this->boxes($this->page(4)), 'a page for the teacher gets none');
        $this->postJson("/worksheets/{$this->pack->id}/pages/undo", [
            'base' => $this->pack->refresh()->arranged,
        ])->assertOk();
        $this->assertSame([], $this->boxes($this->page(7)));
        $this->post("/worksheets/{$this->pack->id}/blanks", ['base' => 0])->assertSessionHasErrors('refused');
    }

    public function test_the_contact_sheet_says_which_questions_a_page_has_and_blanks_which_they_are_of(): void
    {
        $this->get("/worksheets/{$this->pack->id}")
            ->assertOk()
            ->assertSeeInOrder(['Questions 1–4', 'Questions 1–3']);
        $this->get("/worksheets/{$this->pack->id}/boxes/7")->assertSee('Proposed answer box: 2 Monday');
        $questions = $this->page(7)->backdrop?->questionsFound() ?? [];
        $this->assertSame(['1', '2', '3', '4'], array_column($questions, 'number'));
        $this->assertCount(5, $questions[1]->blanks);
        $this->assertSame([], $this->page(4)->backdrop?->questionsFound());
        // Of pages that were brought in before nobody knows.
        Backdrop::query()->update(['questions' => null]);
        $this->get("/worksheets/{$this->pack->id}")
            ->assertOk()
            ->assertDontSee('Questions 1–4');
    }

    public function test_room_under_a_question_is_proposed_apart_and_taken_or_refused_by_itself(): void
    {
        $page = $this->page(6);
        $found = $page->backdrop?->blanksFound() ?? [];
        $room = new Blank(BlankKind::Box, Frame::of(60, 640, 400, 60), 0.4, label: '5. Why is it so?');
        Backdrop::whereKey($page->backdrop_id)->update(['blanks' => Proposals::encode([...$found, $room])]);
        $at = count($found);
        $this->get("/worksheets/{$this->pack->id}/boxes/6")
            ->assertSee("{$at} blanks found here")
            ->assertSee('1 question with room and no line')
            ->assertSee('Room for an answer: 5. Why is it so?');

        $this->postJson("/pages/{$page->id}/blanks/take", ['base' => 1])
            ->assertOk()
            ->assertDontSee('found here')
            ->assertSee('1 question with room and no line');
        $this->assertCount($at, $this->boxes($page), 'what is but likely is not laid with the others');
        $this->postJson("/pages/{$page->id}/blanks/take", ['base' => 2])->assertUnprocessable();
        $this->postJson("/pages/{$page->id}/blanks/take", ['base' => 2, 'which' => [$at]])
            ->assertOk()
            ->assertDontSee('room and no line');
        $this->assertSame('5. Why is it so?', array_slice($this->boxes($page), -1)[0]->prompt);

        $this->postJson("/pages/{$page->id}/undo", ['base' => 3])
            ->assertOk()
            ->assertSee('1 question with room');
        $this->postJson("/pages/{$page->id}/blanks/refuse")
            ->assertOk()
            ->assertSee('1 question with room');
        $this->postJson("/pages/{$page->id}/blanks/refuse", ['which' => [$at]])
            ->assertOk()
            ->assertDontSee('with room');
    }

    public function test_dots_to_be_joined_become_fixed_ends_and_lines_in_one_edit(): void
    {
        $page = $this->page(11);
        $ends = [
            new JoinEnd(Frame::of(150, 200, 5, 5), 'bow', true),
            new JoinEnd(Frame::of(150, 230, 5, 5), 'keel', true),
            new JoinEnd(Frame::of(350, 200, 5, 5), 'the front', false),
            new JoinEnd(Frame::of(350, 230, 5, 5), 'the spine', false),
        ];
        $join = new Blank(BlankKind::Join, Frame::of(150, 200, 205, 35), 0.85, label: '1. Match.', ends: $ends);
        Backdrop::whereKey($page->backdrop_id)->update(['blanks' => Proposals::encode([$join])]);
        $this->get("/worksheets/{$this->pack->id}/boxes/11")
            ->assertOk()
            ->assertSee('Proposed lines to draw: 1. Match.. Enter lays ends on its dots and lines to draw');

        $this->postJson("/pages/{$page->id}/blanks/take", ['base' => $page->revision])->assertOk();
        $parts = $this->page(11)->current->page()->parts();
        $this->assertSame(
            ['bow', 'keel', 'the front', 'the spine', 'line'],
            array_map(fn (Part $part): string => $part->name, $parts),
        );
        $this->get("/worksheets/{$this->pack->id}/boxes/11")->assertDontSee('Proposed lines to draw');
        $this->postJson("/pages/{$page->id}/undo", ['base' => $page->refresh()->revision])->assertOk();
        $this->assertSame([], $this->page(11)->current->page()->parts());
    }

    public function test_rooms_are_not_laid_with_the_blanks_of_all_pages(): void
    {
        $page = $this->page(6);
        $room = new Blank(BlankKind::Box, Frame::of(60, 640, 400, 60), 0.4, label: '5. Why is it so?');
        Backdrop::query()->update(['blanks' => Proposals::encode([])]);
        $line = new Blank(BlankKind::Line, Frame::of(60, 400, 200, 18), 0.9, label: 'Boats');
        Backdrop::whereKey($page->backdrop_id)->update(['blanks' => Proposals::encode([$line, $room])]);
        $this->post("/worksheets/{$this->pack->id}/blanks", ['base' => 0])->assertSessionHas('done');
        $this->assertSame(['Boats'], array_map(fn (AnswerBox $box): string => $box->prompt, $this->boxes($page)));
    }

    public function test_a_printed_page_is_looked_at_once_whoever_has_it(): void
    {
        $this->assertSame(0, Backdrop::whereNull('blanks')->count());
        Backdrop::query()->update(['blanks' => '{"blanks":[]}']);
        app(BringInFile::class)(
            Teacher::factory()->create(),
            database_path('demo/working-harbour-pack.pdf'),
            'again.pdf',
        );
        $this->assertSame(20, Backdrop::where('blanks', '{"blanks":[]}')->count());
    }

    public function test_what_was_looked_at_before_questions_were_is_looked_at_again_and_keeps_its_blanks(): void
    {
        $before = $this->page(6);
        $blanks = $before->backdrop?->blanksFound() ?? [];
        Backdrop::whereKey($before->backdrop_id)->update(['questions' => null]);
        $before->update(['refused' => [1]]);

        $this->get("/worksheets/{$this->pack->id}")->assertOk();
        $after = $this->page(6);
        $this->assertSame(['1', '2', '3', '4'], array_column($after->questions(), 'number'));
        $this->assertEquals($blanks, array_slice($after->backdrop?->blanksFound() ?? [], 0, count($blanks)));
        $this->assertSame([0, 2, 3, 4, 5], array_keys($after->proposals($after->current->page()) ?? []));
    }

    public function test_a_locked_master_takes_none_and_a_set_keeps_what_was_refused(): void
    {
        $page = $this->page(6);
        $this->postJson("/pages/{$page->id}/blanks/refuse")->assertOk();
        $set = app(CutPageSet::class)($this->pack, [6], 'Set');
        $this->get("/worksheets/{$set->id}/boxes")
            ->assertOk()
            ->assertDontSee('found here');
        $this->postJson("/pages/{$this->page(7)->id}/blanks/take", ['base' => 1])->assertStatus(Response::HTTP_LOCKED);
        $this->post(
            "/worksheets/{$this->pack->id}/blanks",
            ['base' => 0],
            ['Accept' => 'application/json'],
        )->assertStatus(Response::HTTP_LOCKED);
    }

    public function test_while_nobody_has_looked_it_says_so(): void
    {
        Queue::fake();
        Backdrop::query()->update(['blanks' => null]);
        $this->get("/worksheets/{$this->pack->id}/boxes/6")
            ->assertOk()
            ->assertSee('Still looking for blanks');
        Queue::assertPushed(TakeTurn::class, 1);

        app()->call([new TakeTurn(), 'handle']);
        $this->get("/worksheets/{$this->pack->id}/boxes/6")
            ->assertOk()
            ->assertSee('6 blanks found here');
    }

    private function page(int $number): WorksheetPage
    {
        return $this->pack->pages()->where('position', $number)->sole();
    }

    /** @return list<AnswerBox> */
    private function boxes(WorksheetPage $page): array
    {
        return $page->fresh()?->current->page()->answerBoxes() ?? [];
    }
}
