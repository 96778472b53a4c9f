<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\CorrectCopies;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\MoveCopy;
use App\Actions\SaveWork;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\Edition;
use App\Models\HandMark;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\Moment;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Elements\Change;
use OpenSlate\Edit\Elements\Move;
use OpenSlate\Edit\Elements\Remove;
use OpenSlate\Edit\Keys\SetKey;
use OpenSlate\Edit\Place;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Tests\TestCase;

/** A mistake that is noticed after handing out is mended in the copies that are out, and no student loses work. */
final class CorrectionTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private Worksheet $worksheet;

    private Handout $handout;

    private Copy $ada;

    private Copy $ben;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create()->refresh();
        $box = fn (string $id, int $y): AnswerBox => new AnswerBox(
            $id,
            Frame::of(50, $y, 200, 18),
            prompt: strtoupper($id),
        );
        $this->worksheet = Worksheet::factory()
            ->withPages($box('a', 100), $box('b', 200), $box('c', 300))
            ->create(['teacher_id' => $this->teacher->id]);
        $class = SchoolClass::factory()->of($this->teacher)->create();
        foreach (['Ada', 'Ben'] as $name) {
            $class->students()->attach(Student::factory()->create(['name' => $name]));
        }
        $this->handout = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('Tides', '', null, null, [[$this->worksheet, Mode::OwnCopy]], [$class]),
        );
        [$this->ada, $this->ben] = Copy::with(['item.edition', 'student'])->orderBy('id')->get()->all();
        $this->write(['1.a' => 'ebb', '1.b' => 'flood', '1.c' => 'neap']);
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_nothing_is_offered_where_students_would_see_nothing_else(): void
    {
        $this->assertNull($this->offer());
        $this->edit(new SetKey('a', ['ebb']));
        $this->edit(new Change(Selection::of(['a']), ['points' => 2, 'misspelt' => 'half']));
        $this->assertNull($this->offer(), 'a key is no correction: marks follow it by themselves');
        $this->assertDontSeeOffer();
    }

    public function test_what_is_mended_comes_to_all_copies_and_answers_stay_with_their_places(): void
    {
        $this->edit(new Move(Selection::of(['a']), 0, 15));
        $this->edit(new Change(Selection::of(['a']), ['prompt' => 'Going out']));
        $this->edit(new Place([new AnswerBox('d', Frame::of(50, 400, 200, 18), prompt: 'D')]));
        $page = $this->get("/handouts/{$this->handout->id}");
        $this->assertReads('students would see 1 page otherwise. 1 copy keeps every answer in its place.', $page);
        $this->assertReads('Give all 2 copies the correction', $page);

        $this->post("/items/{$this->item()->id}/correct")
            ->assertSessionHas('done', 'All copies have the worksheet as it is now. Every answer is kept.');
        $this->assertSame(
            ['1.a' => 'ebb', '1.b' => 'flood', '1.c' => 'neap'],
            $this->ada->refresh()->written()->texts(),
        );
        $this->assertNull($this->ben->refresh()->work);
        $this->assertSame(4, $this->item()->edition->places_count);
        $this->assertSame(0, Moment::count(), 'where no answer moves, none is kept for it');
        $this->write(['1.d' => 'spring'], 1);
        $this->actingAs($this->ben->student, 'student');
        $this->get("/my/copies/{$this->ben->id}")->assertSee('Going out');
        $this->actingAs($this->teacher, 'teacher');
        $this->assertDontSeeOffer();

        $this->delete("/items/{$this->item()->id}/correct")->assertSessionHas('done');
        $this->assertSame(3, $this->item()->edition->places_count);
        $this->ada->refresh();
        $this->assertSame(['1.a' => 'ebb', '1.b' => 'flood', '1.c' => 'neap'], $this->ada->written()->texts());
        $this->assertSame(['spring'], $this->ada->waitingWords(), 'what was written since waits');
        $this->post("/items/{$this->item()->id}/correct");
        $this->assertSame('spring', $this->ada->refresh()->written()->text('1.d'));
        $this->assertSame([], $this->ada->waitingWords());
    }

    public function test_what_is_only_read_is_corrected_too(): void
    {
        $handout = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('To read', '', null, null, [[$this->worksheet, Mode::ReadOnly]], [], [
                [SchoolClass::firstOrFail(), [Student::firstOrFail()]],
            ]),
        );
        $item = $handout->items()->sole();
        $this->edit(new Move(Selection::of(['a']), 0, 15));
        $this->assertReads('Let students read it as it is now', $this->get(route('desks', $handout)));
        $this->post(route('correct', $item))->assertSessionHas('done', 'Students read the worksheet as it is now.');
        $this->actingAs(Student::firstOrFail(), 'student')
            ->get(route('readings.show', $item))
            ->assertSee('--y:115', false);
        $this->actingAs($this->teacher, 'teacher');
        $this->assertReads('Students read the corrected', $this->get(route('desks', $handout)));
        $this->delete(route('correct.undo', $item));
        $this->assertReads('Let students read it as it is now', $this->get(route('desks', $handout)));
    }

    public function test_an_answer_whose_place_is_gone_waits_beside_the_page(): void
    {
        $this->edit(new Remove(Selection::of(['b'])));
        $this->assertReads(
            '1 copy keeps every answer in its place; 1 answer whose place is gone will wait beside the page.',
            $this->get("/handouts/{$this->handout->id}"),
        );
        $this->correct();
        $this->assertSame(['1.a' => 'ebb', '1.c' => 'neap'], $this->ada->refresh()->written()->texts());
        $this->assertSame(['flood'], $this->ada->waitingWords());
        $this->assertReads('Written in places that are gone by now', $this->get("/copies/{$this->ada->id}"));
        $this->assertSame(
            ['1.a' => 'ebb', '1.b' => 'flood', '1.c' => 'neap'],
            Moment::where('kind', MomentKind::BeforeCorrection)->sole()->texts(),
        );
        $this->actingAs($this->ada->student, 'student');
        $this->assertReads('Some of your words have no place in it now', $this->get("/my/copies/{$this->ada->id}"));
    }

    public function test_pages_may_change_places_and_marks_and_comments_go_along(): void
    {
        $first = WorksheetPage::sole();
        DB::table('hand_marks')->insert([
            'copy_id' => $this->ada->id, 'place' => '1.a', 'points' => 5000, 'marking' => 1, 'made_at' => now(),
        ]);
        Comment::create(['copy_id' => $this->ada->id, 'place' => '1.b', 'words' => 'Yes.', 'teacher_id' => null]);
        Comment::create(['copy_id' => $this->ada->id, 'page' => 1, 'x' => 5, 'y' => 5, 'words' => 'Here.']);
        $first->update(['position' => 2]);
        $second = $first->replicate(['anchor']);
        $second->forceFill(['position' => 1, 'anchor' => 'p2'])->save();
        $revision = $first->revisions()->firstOrFail()->replicate();
        $revision->forceFill(['page_id' => $second->id])->save();
        app(MoveCopy::class)->handIn(Copy::with('item.edition')->findOrFail($this->ada->id));

        $base = $this->ada->refresh()->written()->revision;
        $this->correct();
        $this->ada->refresh();
        $this->assertSame(['2.a' => 'ebb', '2.b' => 'flood', '2.c' => 'neap'], $this->ada->written()->texts());
        $this->assertSame(['2.a'], HandMark::pluck('place')->all());
        $this->assertSame(['2.b', null], Comment::orderBy('id')->pluck('place')->all());
        $this->assertSame([null, 2], Comment::orderBy('id')->pluck('page')->all());
        $handedIn = Moment::where('kind', MomentKind::HandedIn)->sole();
        $this->assertSame(['2.a' => 'ebb', '2.b' => 'flood', '2.c' => 'neap'], $handedIn->texts());
        $this->post("/copies/{$this->ada->id}/moments/{$handedIn->id}/return");
        app(MoveCopy::class)->takeBack(Copy::findOrFail($this->ada->id));
        // A window that still shows the pages as they were would write in the wrong place.
        $this->expectException(CopyRefused::class);
        $this->write(['1.a' => 'wrong page'], $base);
    }

    public function test_what_is_written_on_a_page_that_is_gone_is_there_again_when_the_page_is(): void
    {
        $second = WorksheetPage::sole()->replicate(['anchor']);
        $second->forceFill(['position' => 2, 'anchor' => 'p2'])->save();
        $revision = WorksheetPage::firstOrFail()->revisions()->firstOrFail()->replicate();
        $revision->forceFill(['page_id' => $second->id])->save();
        $this->correct();
        $note = Comment::create(['copy_id' => $this->ada->id, 'page' => 2, 'x' => 5, 'y' => 5, 'words' => 'Here.']);
        $second->update(['position' => null]);
        $this->correct();
        $this->assertSame(-$second->id, $note->refresh()->page);
        $this->get(route('desks.copy', $this->ada))->assertOk()->assertDontSee('Here.');
        $this->delete("/items/{$this->item()->id}/correct");
        $this->assertSame(2, $note->refresh()->page);
    }

    public function test_a_place_of_another_kind_keeps_words(): void
    {
        $this->edit(new Change(Selection::of(['c']), ['answer' => 'lines']));
        $this->correct();
        $this->assertSame('neap', $this->ada->refresh()->written()->text('1.c'));
        $this->assertInstanceOf(TextAnswer::class, $this->item()->edition->placesToFill()->find('1.c')?->form);
        $this->assertSame(2, Edition::where('trial', false)->count());
    }

    public function test_only_who_handed_it_out_corrects_it(): void
    {
        $colleague = Teacher::factory()->create()->refresh();
        SchoolClass::query()->sole()->teachers()->attach($colleague);
        $this->edit(new Remove(Selection::of(['b'])));
        $this->actingAs($colleague, 'teacher');
        $this->assertDontSeeOffer();
        $this->post("/items/{$this->item()->id}/correct")->assertForbidden();
        $this->delete("/items/{$this->item()->id}/correct")->assertForbidden();
    }

    private function assertDontSeeOffer(): void
    {
        $this->get("/handouts/{$this->handout->id}")->assertOk()->assertDontSee('was changed since it was handed out');
    }

    private function offer(): mixed
    {
        return app(CorrectCopies::class)->offer($this->item());
    }

    private function correct(): void
    {
        $this->post("/items/{$this->item()->id}/correct")->assertSessionHasNoErrors();
    }

    private function item(): HandoutItem
    {
        return HandoutItem::with(['edition.revisions', 'handout'])->where('handout_id', $this->handout->id)->sole();
    }

    private function edit(Edit $edit): void
    {
        $page = $this->worksheet->pages()->sole();
        app(ApplyEdit::class)($page, $page->revision, $edit);
    }

    /** @param  array<string, string>  $answers */
    private function write(array $answers, int $base = 0): void
    {
        $copy = Copy::with('item.edition')->findOrFail($this->ada->id);
        app(SaveWork::class)($copy, new Draft($base, 'test', $answers), $this->item()->edition->placesToFill(), 1);
    }
}
