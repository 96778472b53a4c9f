<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\MarkByKey;
use App\Actions\MoveCopy;
use App\Actions\SaveWork;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\HandMark;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\Phrase;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Copies\Draft;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Elements\Change;
use OpenSlate\Edit\Keys\SetKey;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Tests\TestCase;

/** Copies are marked by the key and by hand, and go back to their students. */
final class MarkingTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $class;

    private Worksheet $worksheet;

    private Handout $handout;

    /** @var list<Copy> */
    private array $copies;

    private const ANSWERS = [
        ['1.a' => 'Ebb.', '1.b' => '1200 cm', '1.c' => 'Because of the moon.'],
        ['1.a' => 'ebb', '1.b' => '13', '1.c' => 'The moon.'],
        ['1.a' => 'flood', '1.b' => '12 m'],
        ['1.a' => 'ebbb'],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create(['name' => 'Ms Marlow'])->refresh();
        $this->worksheet = Worksheet::factory()
            ->withPages(
                new AnswerBox(
                    'a',
                    Frame::of(50, 100, 200, 18),
                    prompt: 'Going out',
                    points: 2.0,
                    key: ['ebb', 'ebbing'],
                ),
                new AnswerBox(
                    'b',
                    Frame::of(50, 200, 100, 18),
                    new NumberAnswer('m'),
                    'How deep?',
                    points: 1.0,
                    key: ['12'],
                ),
                new AnswerBox('c', Frame::of(50, 300, 300, 60), TextAnswer::lines(), 'Why?', points: 3.0),
                new AnswerBox('name', Frame::of(50, 20, 300, 18), prompt: 'Name'),
            )
            ->create(['teacher_id' => $this->teacher->id]);
        $this->class = SchoolClass::factory()->of($this->teacher)->create();
        foreach (['Ada', 'Ben', 'Cleo', 'Dan'] as $name) {
            $this->class->students()->attach(Student::factory()->create(['name' => $name]));
        }
        $this->handout = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('Tides', '', null, 6, [[$this->worksheet, Mode::OwnCopy]], [$this->class]),
        );
        $this->copies = array_values(Copy::with(['item.edition', 'student'])->orderBy('id')->get()->all());
        foreach ($this->copies as $index => $copy) {
            $this->write($copy, self::ANSWERS[$index]);
            if ($index < 3) {
                app(MoveCopy::class)->handIn($copy);
            }
        }
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_copies_are_marked_by_the_key_when_somebody_looks_and_once(): void
    {
        $this->assertSame([3.0, 2.0, 1.0, 0.0], $this->totals());
        $this->assertSame([1, 1, 0, 1], $this->waiting());
        DB::enableQueryLog();
        app(MarkByKey::class)($this->item());
        $updates = array_filter(
            DB::getQueryLog(),
            fn (array $query): bool => str_starts_with($query['query'], 'update'),
        );
        $this->assertSame([], $updates, 'what is marked is not marked again');
        $this->write($this->copies[3], ['1.a' => 'ebb']);
        $this->assertSame([3.0, 2.0, 1.0, 2.0], $this->totals(), 'what was written since is');
    }

    public function test_they_are_marked_again_when_the_key_changes_and_marks_by_hand_stay(): void
    {
        $this->mark('1.a', [$this->copies[1]], 'part', '0.5')->assertOk();
        $this->assertSame([3.0, 0.5, 1.0, 0.0], $this->totals());
        $this->edit(new SetKey('a', ['flood']));
        $this->assertSame([1.0, 0.5, 3.0, 0.0], $this->totals());
        $this->edit(new Change(Selection::of(['b']), ['points' => 0.25]));
        $this->assertSame([0.25, 0.5, 2.25, 0.0], $this->totals());
        $this->edit(new Change(Selection::of(['a']), ['misspelt' => 'right', 'key' => ['ebb']]));
        $this->assertSame([2.25, 0.5, 0.25, 2.0], $this->totals());

        $this->handout->update(['put_away_at' => now()]);
        $this->edit(new SetKey('a', ['neap']));
        $this->assertSame([3.0, 0.5, 1.0, 0.0], $this->totals(), 'what is put away keeps the key it went out with');
    }

    public function test_a_place_that_asks_something_else_by_now_keeps_the_key_it_went_out_with(): void
    {
        $this->edit(new Change(Selection::of(['b']), ['unit' => 'km', 'key' => ['13']]));

        $this->assertSame([3.0, 2.0, 1.0, 0.0], $this->totals());
    }

    public function test_like_answers_are_one_slip_on_the_pile_where_the_key_puts_them(): void
    {
        $page = $this->get("/handouts/{$this->handout->id}/marking");
        $this->assertReads('Going out', $page);
        $this->assertReads('Right: ebb or ebbing', $page);
        $page->assertSee('data-copies="'.$this->copies[0]->id.','.$this->copies[1]->id.'"', false);
        $page->assertSee('aria-label="Right: 2 answers"', false)->assertSee('aria-label="Not right: 1 answer"', false);
        $this->assertReads('3 copies handed in. Take in the one not handed in', $page);
        $all = $this->get("/handouts/{$this->handout->id}/marking?with=working");
        $all->assertSee('aria-label="To look at: 1 answer"', false);
        $this->assertReads('“ebb”, misspelt', $all);
        $this->get("/handouts/{$this->handout->id}/marking?place=1.gone")->assertOk()->assertSee('Going out');
        $this->get("/handouts/{$this->handout->id}/marking?place[]=x&item[]=y&with[]=z")->assertOk();
    }

    public function test_a_slip_is_put_on_a_pile_for_all_whose_answer_it_is(): void
    {
        $both = [$this->copies[0], $this->copies[1]];
        $answer = $this->mark('1.c', $both, 'right')->assertOk();
        $this->assertStringContainsString('aria-label="Right: 2 answers"', (string) $answer->json('html'));
        $this->assertSame([6.0, 5.0, 1.0, 0.0], $this->totals());
        $this->mark('1.c', [$both[0]], 'part', '1,75')->assertOk();
        $this->mark('1.c', [$both[1]], 'wrong')->assertOk();
        $this->assertSame([4.75, 2.0, 1.0, 0.0], $this->totals());
        $this->mark('1.a', [$both[0]], 'look')->assertOk();
        $this->assertSame([1, 0, 0, 1], $this->waiting());
        $this->mark('1.a', [$both[0]], 'key')->assertOk();
        $this->assertSame([0, 0, 0, 1], $this->waiting());
        $this->assertSame(2, HandMark::count());
    }

    public function test_marking_a_group_is_one_question_to_each_table(): void
    {
        $this->mark('1.c', $this->copies, 'right')->assertOk();
        DB::enableQueryLog();
        $this->mark('1.c', $this->copies, 'wrong')->assertOk();
        $writes = array_map(
            fn (array $query): string => (string) preg_replace('/^(\S+ \S*\s?"\w+").*$/s', '$1', $query['query']),
            array_values(array_filter(
                DB::getQueryLog(),
                fn (array $query): bool => preg_match('/^(insert|update|delete)/', $query['query']) === 1,
            )),
        );
        $this->assertSame(['update "handout_items"', 'insert into "hand_marks"'], $writes);
    }

    public function test_more_than_a_place_is_worth_or_no_number_is_refused_and_nothing_changes(): void
    {
        foreach (['1.01' => 422, '-1' => 422, 'x' => 422, '' => 422] as $points => $status) {
            $this->mark('1.b', [$this->copies[0]], 'part', (string) $points)->assertStatus($status);
        }
        $this->mark('1.gone', [$this->copies[0]], 'right')->assertNotFound();
        $this->mark('1.name', [$this->copies[0]], 'right')->assertNotFound();
        $this->mark('1.b', [$this->copies[0]], 'best')->assertStatus(422);
        $this->assertSame(0, HandMark::count());
    }

    public function test_copies_of_another_handout_are_left_alone(): void
    {
        $other = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('Again', '', null, null, [[$this->worksheet, Mode::OwnCopy]], [$this->class]),
        );
        $theirs = Copy::where('handout_item_id', $other->items()->sole()->id)->firstOrFail();

        $this->mark('1.b', [$theirs, $this->copies[0]], 'right')->assertOk();
        $this->assertSame([$this->copies[0]->id], HandMark::pluck('copy_id')->all());
    }

    public function test_two_teachers_mark_side_by_side_and_neither_writes_over_the_other(): void
    {
        $colleague = $this->colleague();
        $this->mark('1.c', [$this->copies[0]], 'part', '1', seen: 0)->assertOk();
        $this->actingAs($colleague, 'teacher');
        $answer = $this->mark('1.c', [$this->copies[0], $this->copies[1]], 'right', seen: 0)->assertOk();
        $this->assertSame(
            'Ms Marlow marked 1 copy of these meanwhile. What they gave stays; mark again to change it.',
            $answer->json('said'),
        );
        $this->assertSame([4.0, 5.0, 1.0, 0.0], $this->totals());
        $this->mark('1.c', [$this->copies[0]], 'right', seen: 2)->assertOk()->assertJson(['said' => '']);
        $this->assertSame(6.0, $this->totals()[0]);
    }

    public function test_a_colleague_who_has_all_its_classes_watches_and_marks_and_nobody_else_does(): void
    {
        $colleague = $this->colleague();
        $stranger = Teacher::factory()->create()->refresh();
        $addresses = [
            "/handouts/{$this->handout->id}",
            "/handouts/{$this->handout->id}/marking",
            "/copies/{$this->copies[0]->id}",
        ];
        foreach ($addresses as $address) {
            $this->actingAs($colleague, 'teacher');
            $this->get($address)->assertOk();
            $this->actingAs($stranger, 'teacher');
            $this->get($address)->assertForbidden();
        }
        $this->mark('1.b', [$this->copies[0]], 'right')->assertForbidden();
        $this->post("/items/{$this->item()->id}/back", ['to' => 'all', 'when' => 'now'])->assertForbidden();
        $this->actingAs($colleague, 'teacher');
        $this->get('/handouts')->assertSee('Tides');
        $this->get("/handouts/{$this->handout->id}/change")->assertForbidden();
        $this->post("/copies/{$this->copies[0]->id}/time", ['base' => 1])->assertForbidden();
        $this->post("/handouts/{$this->handout->id}/answers", ['show' => 'now'])->assertForbidden();

        $other = SchoolClass::factory()->of($this->teacher)->create();
        $this->handout->classes()->attach($other, ['whole' => true]);
        $this->get($addresses[0])->assertForbidden();
    }

    public function test_comments_are_written_on_one_place_of_several_copies_and_taken_away(): void
    {
        $this->comment('1.c', [$this->copies[0], $this->copies[1]], 'Say more.')->assertNoContent();
        $this->comment('1.c', [$this->copies[1]], 'Well said.')->assertNoContent();
        $this->comment('', [$this->copies[0]], 'Good work')->assertNoContent();
        $this->assertSame(
            [[$this->copies[0]->id, '1.c', 'Say more.'], [$this->copies[1]->id, '1.c', 'Well said.'],
                [$this->copies[0]->id, null, 'Good work']],
            Comment::orderBy('id')->get()->map(
                fn (Comment $one): array => [$one->copy_id, $one->place, $one->words],
            )->all(),
        );
        $this->actingAs($this->colleague(), 'teacher');
        $this->comment('1.c', [$this->copies[0]], 'I agree.')->assertNoContent();
        $this->comment('1.c', [$this->copies[0]], '')->assertNoContent();
        $this->assertSame(3, Comment::count(), 'a colleague takes away their own alone');
        $this->comment('1.gone', [$this->copies[0]], 'x')->assertNotFound();
        $this->comment('1.c', [$this->copies[0]], str_repeat('x', 2001))->assertStatus(422);
    }

    public function test_phrases_are_kept_and_found_by_their_start(): void
    {
        $this->comment('1.c', [$this->copies[0]], 'Say more about the moon.', true);
        $this->comment('1.c', [$this->copies[1]], 'Say why.', true);
        $this->comment('1.c', [$this->copies[1]], 'Say why.');
        $this->comment('1.c', [$this->copies[2]], 'Say nothing kept.');
        $this->assertSame(2, Phrase::count());
        $phrases = fn (string $start): array => $this->getJson('/phrases?start='.urlencode($start))->json('phrases');
        $this->assertSame(['Say why.', 'Say more about the moon.'], $phrases('say'));
        $this->assertSame([], $phrases('%'));
        $this->assertSame([], $phrases(' '));
        $this->actingAs($this->colleague(), 'teacher');
        $this->assertSame([], $phrases('say'), 'phrases are each teacher’s own');
    }

    public function test_those_with_nothing_left_to_look_at_go_back_and_their_students_see_it(): void
    {
        $this->comment('1.a', [$this->copies[2]], 'That is coming in.');
        $this->back('marked')->assertSessionHas('done', '1 copy handed back.');
        $this->assertSame(
            [null, null],
            [$this->copies[0]->refresh()->returned_at, $this->copies[1]->refresh()->returned_at],
        );

        $this->actingAs($this->copies[2]->student, 'student');
        $this->get("/my/copies/{$this->copies[2]->id}", ['Purpose' => 'prefetch'])->assertOk();
        $this->get('/my/day')->assertSee('Back from your teacher');
        $page = $this->get("/my/copies/{$this->copies[2]->id}");
        $this->assertReads('You have 1 of 6 points.', $page);
        $this->assertReads('That is coming in.', $page);
        $page->assertSee('aria-label="Going out: not right, 0 of 2 points"', false);
        $this->assertStringNotContainsString('ebbing', (string) $page->getContent(), 'the key is not shown with it');
        $this->get('/my/day')->assertDontSee('Back from your teacher');
        $this->patchJson("/my/copies/{$this->copies[2]->id}", [
            'draft' => ['base' => 1, 'window' => 'abcd', 'answers' => ['1.a' => 'ebb']],
        ])->assertStatus(409);
        $this->post("/my/copies/{$this->copies[2]->id}/take-back")->assertSessionHasErrors('refused');

        $this->actingAs($this->copies[0]->student, 'student');
        $this->get("/my/copies/{$this->copies[0]->id}")->assertDontSee('points.')->assertDontSee('class="mark', false);
    }

    public function test_one_copy_goes_back_by_itself(): void
    {
        $this->assertReads('Hand this one back', $this->get("/copies/{$this->copies[0]->id}"));
        $this->back('one', ['copy' => (string) $this->copies[0]->id])->assertSessionHas('done', '1 copy handed back.');
        $this->assertSame(
            [true, false, false, false],
            array_map(fn (Copy $copy): bool => $copy->refresh()->isReturned(), $this->copies),
        );
        $this->back('one')->assertSessionHasErrors('copy');
        $this->get("/copies/{$this->copies[0]->id}")->assertDontSee('Hand this one back');
    }

    public function test_the_right_answers_stand_beside_where_the_teacher_shows_answers(): void
    {
        $this->handout->update(['answers_shown_at' => now()]);
        $this->back('handed-in')->assertSessionHas('done', '3 copies handed back.');
        $this->actingAs($this->copies[2]->student, 'student');
        $page = $this->get("/my/copies/{$this->copies[2]->id}");
        $this->assertReads('Right: ebb or ebbing', $page);
        $this->assertSame(2, substr_count((string) $page->getContent(), 'ebbing'), 'once on the page, once in words');
    }

    public function test_answers_are_shown_when_the_teacher_says_and_before_marks_are(): void
    {
        $sees = function (Copy $copy): bool {
            $this->actingAs($copy->student, 'student');
            $page = (string) $this->get("/my/copies/{$copy->id}")->getContent();
            foreach (['of 6 points', 'mark--', 'mark__sign', 'not right'] as $mark) {
                $this->assertStringNotContainsString($mark, $page);
            }

            return str_contains($page, 'Right: <span dir="auto">ebb or ebbing');
        };
        $say = function (array $when): void {
            $this->actingAs($this->teacher, 'teacher');
            $this->post("/handouts/{$this->handout->id}/answers", $when)->assertSessionHasNoErrors();
        };
        [, , $handedIn, $working] = $this->copies;
        $this->assertFalse($sees($handedIn));
        $say(['show' => 'handed_in']);
        $this->assertTrue($sees($handedIn));
        $this->assertTrue($sees($this->copies[0]), 'also beside what is right: else it would say what is not');
        $this->assertFalse($sees($working));
        $this->actingAs($handedIn->student, 'student');
        $this->post("/my/copies/{$handedIn->id}/take-back")->assertSessionHasErrors([
            'refused' => 'You have seen the answers, so this stays handed in.',
        ]);
        $say(['show' => 'back']);
        $this->assertFalse($sees($handedIn));
        $this->travelTo('2026-12-01 09:00:00');
        $say(['show' => 'at', 'date' => '2026-12-01', 'time' => '15:30']);
        $this->assertReads(
            'Students see the answers from Tuesday 1 December, 15:30',
            $this->get("/handouts/{$this->handout->id}"),
        );
        $this->assertFalse($sees($handedIn));
        $this->travelTo('2026-12-01 15:31:00');
        $this->assertTrue($sees($handedIn));
        $say(['show' => 'never']);
        $this->assertFalse($sees($handedIn));
        $this->actingAs($this->teacher, 'teacher');
        $this->post(
            "/handouts/{$this->handout->id}/answers",
            ['show' => 'at'],
        )->assertSessionHasErrors(['date', 'time']);
    }

    public function test_it_is_taken_back_while_nobody_has_looked(): void
    {
        $this->back('all')->assertSessionHas('done', '4 copies handed back.');
        $this->back('all')->assertSessionHas('done', 'Nothing was handed back: nobody is left to whom it could go.');
        $this->actingAs($this->copies[0]->student, 'student');
        $this->get("/my/copies/{$this->copies[0]->id}")->assertSee('Your teacher has looked at this.');
        $this->actingAs($this->teacher, 'teacher');
        $this->assertReads('4 copies handed back; 3 not looked at yet.', $this->get("/handouts/{$this->handout->id}"));
        $this->delete("/items/{$this->item()->id}/back")
            ->assertSessionHas('done', '3 copies taken back. Their students see no marks now.');
        $this->assertSame(
            [true, false, false, false],
            array_map(fn (Copy $copy): bool => $copy->refresh()->isReturned(), $this->copies),
        );
    }

    public function test_it_goes_back_at_a_time(): void
    {
        $this->travelTo('2026-12-01 09:00:00');
        $this->back('all', ['when' => 'at', 'date' => '2026-12-01', 'time' => '15:30'])
            ->assertSessionHas('done', '4 copies will go back Tuesday 1 December, 15:30.');
        $student = $this->copies[0]->student;
        $this->actingAs($student, 'student');
        $this->get("/my/copies/{$this->copies[0]->id}")->assertDontSee('Your teacher has looked');
        $this->travelTo('2026-12-01 15:31:00');
        $this->get("/my/copies/{$this->copies[0]->id}")->assertSee('Your teacher has looked');
        $this->actingAs($this->teacher, 'teacher');
        foreach ([
            ['when' => 'at'],
            ['when' => 'later'],
            ['to' => 'x'],
            ['when' => 'at', 'date' => 'x', 'time' => '25:00'],
        ] as $wrong) {
            $this->back('all', $wrong)->assertSessionHasErrors();
        }
    }

    /** What no student may get before it is handed back, by any address of theirs. */
    public function test_nothing_of_key_marks_and_comments_is_in_what_a_student_gets_before(): void
    {
        $this->edit(new SetKey('a', ['quoxle', 'ebb']));
        $this->comment('1.a', $this->copies, 'zanzibarian');
        $this->mark('1.a', $this->copies, 'part', '1.37');
        app(MarkByKey::class)($this->item());
        foreach ($this->copies as $copy) {
            $this->actingAs($copy->student, 'student');
            $pages = [
                $this->get('/my/day'),
                $this->get("/my/copies/{$copy->id}"),
                $this->get('/my/shelf'),
                $this->getJson("/my/copies/{$copy->id}"),
                $this->patchJson("/my/copies/{$copy->id}", [
                    'draft' => ['base' => 9, 'window' => 'abcd', 'answers' => ['1.a' => 'quoxl', '1.b' => 'x']],
                ]),
            ];
            foreach ($pages as $page) {
                foreach (['quoxle', 'zanzibarian', '1.37', 'judged', 'misspelt', 'by the key'] as $secret) {
                    $this->assertStringNotContainsString($secret, (string) $page->getContent());
                }
            }
        }
    }

    /** @return list<float> points of each copy */
    private function totals(): array
    {
        $scheme = app(MarkByKey::class)($this->item());

        return array_map(
            fn (Copy $copy): float => Copy::findOrFail($copy->id)->marks($scheme)->total()->number(),
            $this->copies,
        );
    }

    /** @return list<int> how many places of each copy wait */
    private function waiting(): array
    {
        $scheme = app(MarkByKey::class)($this->item());

        return array_map(
            fn (Copy $copy): int => Copy::findOrFail($copy->id)->marks($scheme)->waiting(),
            $this->copies,
        );
    }

    private function item(): HandoutItem
    {
        return HandoutItem::with(['edition.revisions', 'handout'])->where('handout_id', $this->handout->id)->sole();
    }

    /** @param  array<string, string>  $answers */
    private function write(Copy $copy, array $answers): void
    {
        app(SaveWork::class)($copy, new Draft(9, 'test', $answers), $this->item()->edition->placesToFill(), 1);
    }

    private function edit(Edit $edit): void
    {
        $page = $this->worksheet->pages()->sole();
        app(ApplyEdit::class)($page, $page->revision, $edit);
    }

    /** @param  list<Copy>  $copies */
    private function mark(string $place, array $copies, string $pile, string $points = '', int $seen = 99): TestResponse
    {
        return $this->postJson("/handouts/{$this->handout->id}/marking", [
            'place' => $place,
            'copies' => array_map(fn (Copy $copy): int => $copy->id, $copies),
            'pile' => $pile,
            'points' => $points,
            'seen' => $seen,
        ]);
    }

    /** @param  list<Copy>  $copies */
    private function comment(string $place, array $copies, string $words, bool $keep = false): TestResponse
    {
        return $this->postJson("/handouts/{$this->handout->id}/comments", [
            'place' => $place,
            'copies' => array_map(fn (Copy $copy): int => $copy->id, $copies),
            'words' => $words,
            'keep' => $keep,
        ]);
    }

    /** @param  array<string, string>  $more */
    private function back(string $to, array $more = []): TestResponse
    {
        return $this->post("/items/{$this->item()->id}/back", $more + ['to' => $to, 'when' => 'now']);
    }

    private function colleague(): Teacher
    {
        $colleague = Teacher::factory()->create(['name' => 'Mr Okafor'])->refresh();
        $this->class->teachers()->attach($colleague);

        return $colleague;
    }
}
