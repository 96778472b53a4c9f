<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\OfferMending;
use App\Actions\TakeBlanks;
use App\Models\Backdrop;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\View\AskedOnPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Elements\Change;
use OpenSlate\Edit\Elements\Remove;
use OpenSlate\Edit\Place;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\Role;
use Symfony\Component\HttpFoundation\Response;
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

        // Of what heads the second, its badge, and what stands below the line for the name, which is read once.
        $this->assertSame([6, 6, 6, 7, 7, 7, 7], array_map(fn (Clip $clip): int => $clip->page, $clips));
        // Name and date, one each for 2 and 3 of the first; five cells and a line of the second.
        $this->assertCount(2 + 2 + 6, $boxes);
        $this->assertContains(
            '2 Monday, Range',
            array_map(fn (AnswerBox $box): string => $box->prompt, $boxes),
        );
        $this->get("/worksheets/{$set->id}/boxes/1")->assertOk();
        $this->assertSame(20, $this->pack->pages()->count(), 'the master stays whole');
        $this->assertSame([], $this->page(6)->current->page()->elements());
    }

    public function test_each_question_becomes_a_set_of_its_own_to_be_given_out_one_a_day(): void
    {
        $cut = fn (string $pages, string $which, string $name): TestResponse => $this->post(
            "/worksheets/{$this->pack->id}/sets",
            ['pages' => $pages, 'questions' => $which, 'name' => $name, 'apart' => '1'],
        );
        $cut('6', '1-2, 4', 'Tides')->assertSessionHas('done', 'Cut: 3 sets.');
        $cut('6-7', '', 'Starters')->assertSessionHas('done', 'Cut: 8 sets.');
        $names = $this->pack->sets()->orderBy('id')->pluck('name')->all();

        $this->assertSame(
            ['Tides (question 1)', 'Tides (question 2)', 'Tides (question 4)'],
            array_slice($names, 0, 3),
        );
        $this->assertSame('Starters (page 7, question 4)', $names[10]);
        foreach ($this->pack->sets as $set) {
            $this->assertGreaterThanOrEqual(2, count($this->clips($set->pages()->sole())), 'what heads it, and it');
        }
        $cut('6', '4', 'Tides')->assertSessionHasErrors('questions');
        $cut('6', '9', 'None')->assertSessionHasErrors('questions');
        $cut('1', '', 'None')->assertSessionHasErrors('questions');
        $this->assertSame(11, $this->pack->sets()->count());
    }

    public function test_questions_that_the_teacher_marked_are_cut_named_and_proposed_as_they_are_now(): void
    {
        $page = $this->page(6);
        $marked = $this->marked($page);
        [$marked[1]['number'], $marked[2]['number']] = ['2a', '7'];

        $this->mend($page, $marked)->assertOk()->assertSee('<b>2a<', false);
        $this->assertSame(['1', '2a', '7', '4'], array_column($this->page(6)->questions(), 'number'));
        $this->assertContains('7 How much later is high water on Tuesday than on Monday?', $this->labels(6));
        $this->get("/pages/{$page->id}/questions")->assertOk()->assertSee('As they were found');

        $this->cut('6', '7')->assertSessionHasNoErrors();
        $this->cut('6', '3', 'Gone')->assertSessionHasErrors('questions');
    }

    public function test_mending_is_undone_and_given_up(): void
    {
        $page = $this->page(6);
        $found = $this->marked($page);
        $this->mend($page, [])->assertOk()->assertSee('No questions');
        $this->assertSame([], $this->page(6)->questions());
        $this->arrangement('undo')->assertOk();
        $this->assertSame($found, $this->marked($this->page(6)));

        $this->mend($page, array_slice($found, 0, 1))->assertOk();
        $this->mend($page, null)->assertOk();
        $this->assertSame($found, $this->marked($this->page(6)));
        $this->arrangement('undo')->assertOk();
        $this->assertCount(1, $this->page(6)->questions());
    }

    public function test_on_a_turned_page_they_are_marked_where_they_show(): void
    {
        $page = $this->page(6);
        $this->arrangement('turn', ['pages' => [$page->id], 'degrees' => 90])->assertOk();
        $turned = $this->marked($this->page(6));
        $this->assertGreaterThan($turned[0]['width'], $turned[0]['height'], 'what ran across runs down');
        $this->mend($page, $turned)->assertOk();
        $this->arrangement('turn', ['pages' => [$page->id], 'degrees' => 270])->assertOk();

        $found = $page->backdrop?->questionsFound() ?? [];
        foreach ($this->page(6)->questions() as $at => $one) {
            $this->assertEqualsWithDelta($found[$at]->frame->y, $one->frame->y, 0.05);
            $this->assertEqualsWithDelta($found[$at]->frame->width, $one->frame->width, 0.05);
            $this->assertSame($found[$at]->blanks, $one->blanks);
        }
    }

    public function test_a_set_that_is_cut_has_them_as_they_were_mended(): void
    {
        $page = $this->page(6);
        $this->mend($page, array_slice($this->marked($page), 0, 2))->assertOk();
        $this->post("/worksheets/{$this->pack->id}/sets", ['pages' => '6', 'name' => 'Whole'])->assertRedirect();

        $this->assertCount(2, $this->pack->sets()->sole()->pages()->sole()->questions());
    }

    public function test_what_cannot_be_a_question_is_refused_and_nothing_is_changed(): void
    {
        $page = $this->page(6);
        $one = $this->marked($page)[0];
        $this->mend($page, [['number' => ''] + $one])->assertUnprocessable()->assertSee('has no number');
        $this->mend($page, [['x' => 5000] + $one])->assertUnprocessable()->assertSee('off the page');
        $this->mend($page, [['x' => 'left'] + $one])->assertUnprocessable()->assertSee('cannot be read');
        $this->mend($page, [['number' => str_repeat('x', 50)] + $one])->assertUnprocessable()->assertSee('at most 8');
        $this->mend($page, array_fill(0, 101, $one))->assertUnprocessable()->assertSee('at most 100');
        $this->postJson("/worksheets/{$this->pack->id}/pages/questions", ['base' => 99, 'page' => $page->id] + [
            'questions' => [$one],
        ])->assertConflict();
        $this->arrangement('questions', ['page' => 999999, 'questions' => [$one]])->assertUnprocessable();
        $this->arrangement('blank', ['paper' => 'A4', 'count' => 1])->assertOk();
        $blank = $this->pack->pages()->whereNull('backdrop_id')->sole();
        $this->mend($blank, [$one])->assertUnprocessable()->assertSee('has no print of its own');

        $this->assertSame(['1', '2', '3', '4'], array_column($this->page(6)->questions(), 'number'));
    }

    public function test_what_is_mended_beside_a_question_is_offered_to_the_sets_that_have_it(): void
    {
        $this->cut('6-7', '2-3', 'Some')->assertSessionHasNoErrors();
        $set = $this->pack->sets()->sole();
        $master = $this->pack->refresh();
        $master->update(['unlocked' => true]);
        [, $second] = $this->page(6)->questions();
        $patch = fn (string $words, float $y): Label => new Label(
            Str::lower(Str::random(10)),
            Frame::of($second->frame->x + 2, $y, 120, 14),
            $words,
        );
        $offered = fn (): int => count(app(OfferMending::class)($master));

        $this->edit($this->page(6), new Place([$patch('of the first question', $second->frame->y - 30)]));
        $this->assertSame(0, $offered(), 'the first question is not in the set');
        $label = $patch('low tide', $second->frame->y);
        $this->edit($this->page(6), new Place([$label]));
        $this->assertSame(1, $offered());
        $this->get("/worksheets/{$set->id}")->assertSee('1 page of this has changed');

        $own = $set->pages()->sole();
        $this->post("/worksheets/{$master->id}/mending", ['sets' => [$set->id]])->assertSessionHasNoErrors();
        $this->assertSame(0, $offered());
        $clip = $this->clips($own)[1];
        $laid = $this->labelled($own, 'low tide') ?? $this->fail('It is not there.');
        $this->assertEqualsWithDelta(4.0 + 2.0, $laid->frame->x - $clip->frame->x, 0.05, 'where it lies on its page');

        // Changed again it is the same, here as there; taken away it goes.
        $this->edit($this->page(6), new Change(Selection::of([$label->id]), ['text' => 'slack water']));
        $this->post("/worksheets/{$master->id}/mending", ['sets' => [$set->id]])->assertSessionHasNoErrors();
        $this->assertNull($this->labelled($own, 'low tide'));
        $this->assertNotNull($this->labelled($own, 'slack water'));
        $this->edit($this->page(6), new Remove(Selection::of([$label->id])));
        $this->post("/worksheets/{$master->id}/mending", ['sets' => [$set->id]])->assertSessionHasNoErrors();
        $this->assertNull($this->labelled($own, 'slack water'));
    }

    public function test_boxes_that_are_laid_on_the_master_later_do_not_lie_twice_on_the_questions(): void
    {
        $this->cut('7', '2', 'Range')->assertSessionHasNoErrors();
        $set = $this->pack->sets()->sole();
        $this->pack->update(['unlocked' => true]);
        $page = $this->page(7);
        app(TakeBlanks::class)($page, $page->revision, null);

        $this->assertSame([], app(OfferMending::class)($this->pack), 'the set has them already');
        $this->assertCount(7, $this->boxes($set->pages()->sole()));
    }

    public function test_on_the_contact_sheet_of_the_master_a_set_of_questions_stands_along_its_pages(): void
    {
        $this->cut('6-7', '2-3', 'Some questions')->assertSessionHasNoErrors();
        $sheet = $this->get("/worksheets/{$this->pack->id}")->assertOk();

        $this->assertSame(2, substr_count((string) $sheet->getContent(), 'data-in-set="Some questions"'));
        $sheet->assertSee('In no set: pages 1–5, 8–20.');

        // Where its pages come from is still told when they have moved.
        $this->pack->refresh()->update(['unlocked' => true]);
        $seventh = [$this->page(7)->id];
        $this->arrangement('arrange', ['kind' => 'move', 'pages' => $seventh, 'before' => $this->page(1)->id])
            ->assertOk();
        $this->assertSame('7, 1', $this->pack->sets()->sole()->cut_from);
    }

    private function edit(WorksheetPage $page, Edit $edit): void
    {
        app(ApplyEdit::class)($page, $page->revision, $edit);
    }

    /** @return list<Clip> */
    private function clips(WorksheetPage $page): array
    {
        return array_values(
            array_filter($this->elements($page), fn (Element $one): bool => $one instanceof Clip),
        );
    }

    /** @return list<AnswerBox> */
    private function boxes(WorksheetPage $page): array
    {
        return array_values(
            array_filter($this->elements($page), fn (Element $one): bool => $one instanceof AnswerBox),
        );
    }

    private function labelled(WorksheetPage $page, string $words): ?Label
    {
        foreach ($this->elements($page) as $one) {
            if ($one instanceof Label && $one->text === $words) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<Element> */
    private function elements(WorksheetPage $page): array
    {
        return WorksheetPage::findOrFail($page->id)->current->page()->elements();
    }

    /** @return list<array<string, mixed>> its questions as scripts have them */
    private function marked(WorksheetPage $page): array
    {
        return AskedOnPage::of($page->refresh())->forScripts();
    }

    /** @return list<string> what is proposed on a page is called */
    private function labels(int $number): array
    {
        $page = $this->page($number);

        return array_column(array_values($page->proposals($page->current->page()) ?? []), 'label');
    }

    /**
     * @param  list<array<string, mixed>>|null  $questions
     * @return TestResponse<Response>
     */
    private function mend(WorksheetPage $page, ?array $questions): TestResponse
    {
        return $this->arrangement('questions', ['page' => $page->id, 'questions' => $questions]);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function arrangement(string $what, array $body = []): TestResponse
    {
        $base = $this->pack->refresh()->arranged;

        return $this->postJson("/worksheets/{$this->pack->id}/pages/{$what}", ['base' => $base] + $body);
    }

    public function test_what_is_cut_from_a_key_is_a_key(): void
    {
        $this->page(7)->update(['role' => Role::Key]);
        $this->cut('6', '1', 'Asked')->assertSessionHasNoErrors();
        $this->cut('6-7', '1', 'Both')->assertSessionHasNoErrors();
        $role = fn (string $name): Role => $this->pack->sets()->where('name', $name)->sole()->pages()->sole()->role;

        $this->assertSame([Role::Student, Role::Key], [$role('Asked'), $role('Both')]);
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
        $hidden = '/<div data-asks\s+hidden\s*>/';
        $sheet = fn (): string => (string) $this->get("/worksheets/{$this->pack->id}")->getContent();
        $this->assertDoesNotMatchRegularExpression($hidden, $sheet());
        Backdrop::query()->update(['questions' => '[]']);
        $this->assertMatchesRegularExpression($hidden, $sheet());
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
