<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Backdrop;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Geometry\Frame;
use Tests\Support\DemoPack;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** A set of some questions only: "1-4, 7" of the pages that were chosen. */
final class CutQuestionsTest extends TestCase
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

    public function test_chosen_questions_are_laid_on_a_clean_page_with_boxes_for_their_blanks(): void
    {
        $this->cut('6-7', '2-3')
            ->assertRedirect("/worksheets/{$this->pack->id}")
            ->assertSessionHasNoErrors();
        $set = $this->pack->sets()->sole();
        $elements = $set->pages()->with('current')->sole()->current->page()->elements();
        $clips = array_values(array_filter($elements, fn ($one): bool => $one instanceof Clip));
        $boxes = array_values(array_filter($elements, fn ($one): bool => $one instanceof AnswerBox));

        $this->assertSame([6, 6, 6, 7, 7, 7], array_map(fn (Clip $clip): int => $clip->page, $clips));
        // Name and date of both pages, one each for 2 and 3 of the first; five cells and a line of the second.
        $this->assertCount(4 + 2 + 6, $boxes);
        $this->assertContains(
            '2 Monday, Range',
            array_map(fn (AnswerBox $box): string => $box->prompt, $boxes),
        );
        $this->get("/worksheets/{$set->id}/boxes/1")->assertOk();
        $this->assertSame(20, $this->pack->pages()->count(), 'the master stays whole');
        $this->assertSame([], $this->page(6)->current->page()->elements());
    }

    public function test_room_that_is_but_likely_meant_for_an_answer_gets_no_box_in_a_set(): void
    {
        $backdrop = $this->page(6)->backdrop ?? $this->fail('There is no print.');
        $question = $backdrop->questionsFound()[1] ?? $this->fail('There is no second question.');
        $frame = $question->frame;
        $boxes = function (float $confidence) use ($backdrop, $frame): int {
            $room = new Blank(
                BlankKind::Box,
                Frame::of($frame->x + 4, $frame->y + 4, $frame->width - 8, $frame->height - 8),
                $confidence,
            );
            Backdrop::whereKey($backdrop->id)->update(['blanks' => Proposals::encode([$room])]);
            $this->cut('6', '2', "Sure by {$confidence}")->assertSessionHasNoErrors();
            $set = $this->pack->sets()->latest('id')->firstOrFail();
            $elements = $set->pages()->with('current')->sole()->current->page()->elements();

            return count(array_filter($elements, fn ($one): bool => $one instanceof AnswerBox));
        };

        $this->assertSame(0, $boxes(0.4));
        $this->assertSame(1, $boxes(0.9));
    }

    public function test_boxes_that_were_taken_come_along_and_are_not_laid_twice(): void
    {
        $page = $this->page(6);
        $this->postJson("/pages/{$page->id}/blanks/take", ['base' => $page->revision])->assertOk();
        $before = count($this->page(6)->current->page()->elements());
        $this->cut('6', 'odd')->assertSessionHasNoErrors();
        $boxes = $this->pack->sets()->sole()->pages()->with('current')->sole()->current->page()->answerBoxes();

        $this->assertSame(6, $before);
        $this->assertCount(4, $boxes, 'the name, the date, and one for each of 1 and 3');
    }

    public function test_what_cannot_be_chosen_is_said_and_nothing_is_cut(): void
    {
        foreach (
            [
                ['6', '9', 'There is no question “9” on these pages. They go from 1 to 4.'],
                ['6', '3-1', '“3-1” runs backwards.'],
                ['4', '1', 'No numbered questions are known on these pages. Cut them whole.'],
                ['6', str_repeat('1, ', 100), 'That list of questions is too long. Use ranges such as 1-4.'],
            ] as [$pages, $questions, $why]
        ) {
            $error = $this->cut($pages, $questions)->assertSessionHasErrors('questions')->getSession();
            $this->assertStringStartsWith($why, $error->get('errors')->first('questions'));
        }
        $this->cut('40', '1')->assertSessionHasErrors('pages');
        $this->assertSame(0, $this->pack->sets()->count());
    }

    public function test_the_choice_is_offered_where_questions_are_known(): void
    {
        $this->get("/worksheets/{$this->pack->id}")->assertSee('Only some of their questions');
        Backdrop::query()->update(['questions' => null]);
        $this->get("/worksheets/{$this->pack->id}")->assertDontSee('Only some of their questions');
        $this->cut('6', '1')->assertSessionHasErrors('questions');
    }

    public function test_nobody_else_cuts_them(): void
    {
        $this->actingAs(Teacher::factory()->create(), 'teacher');
        $this->cut('6', '1')->assertForbidden();
        $this->assertSame(0, $this->pack->sets()->count());
    }

    private function cut(string $pages, string $questions, string $name = 'Some of them'): mixed
    {
        return $this->from("/worksheets/{$this->pack->id}")->post("/worksheets/{$this->pack->id}/sets", [
            'pages' => $pages,
            'questions' => $questions,
            'name' => $name,
        ]);
    }

    private function page(int $number): WorksheetPage
    {
        return $this->pack
            ->pages()
            ->with(['current', 'backdrop'])
            ->where('position', $number)
            ->sole();
    }
}
