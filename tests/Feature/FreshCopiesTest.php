<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\GiveFreshCopies;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\MoveCopy;
use App\Actions\SaveWork;
use App\Actions\SweepPictures;
use App\Actions\ThinMoments;
use App\Jobs\FreshenItem;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\HandMark;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\Moment;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Tests\TestCase;

/** Used copies make way for fresh ones and stay in the history; a copy returns to what it was. */
final class FreshCopiesTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private Handout $handout;

    private Copy $ada;

    private Copy $ben;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create()->refresh();
        $worksheet = Worksheet::factory()
            ->withPages(
                new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Tide', points: 2.0, key: ['ebb']),
                new AnswerBox('b', Frame::of(50, 200, 200, 18), prompt: 'Depth', points: 1.0, key: ['12 m']),
            )
            ->create(['teacher_id' => $this->teacher->id]);
        $class = SchoolClass::factory()->of($this->teacher)->create();
        foreach (['Ada', 'Ben'] as $name) {
            $class->students()->attach(Student::factory()->create(['name' => $name]));
        }
        $this->handout = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('Tides', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
        );
        [$this->ada, $this->ben] = Copy::with(['item.edition', 'student'])->orderBy('id')->get()->all();
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_a_used_copy_stays_in_the_history_with_its_marks_and_comments(): void
    {
        $this->write($this->ada, ['1.a' => 'ebb', '1.b' => '3']);
        app(MoveCopy::class)->handIn($this->ada);
        HandMark::create(
            ['copy_id' => $this->ada->id, 'place' => '1.b', 'points' => 5000, 'marking' => 1, 'made_at' => now()],
        );
        Comment::create(
            ['copy_id' => $this->ada->id, 'place' => '1.b', 'words' => 'Nearly.', 'teacher_id' => $this->teacher->id],
        );
        $this->ada->refresh()->forceFill(['returned_at' => now(), 'looked_at' => now()])->save();

        $this->fresh('all')->assertSessionHas(
            'done',
            '1 fresh copy given. The used ones are in the history of each copy, with their marks.',
        );
        $this->ada->refresh();
        $this->assertSame([], $this->ada->written()->texts());
        $this->assertSame(
            [CopyState::NotOpened, 0, 2, null, null, null],
            [
                $this->ada->state,
                $this->ada->filled,
                $this->ada->attempt,
                $this->ada->handed_in_at,
                $this->ada->returned_at,
                $this->ada->looked_at,
            ],
        );
        $this->assertSame([0, 0], [HandMark::count(), Comment::count()]);
        $this->assertSame(1, $this->ben->refresh()->attempt, 'what nobody has begun is fresh already');

        $used = Moment::where('kind', MomentKind::Used)->sole();
        $this->assertSame(['1.a' => 'ebb', '1.b' => '3'], $used->texts());
        $page = $this->get("/copies/{$this->ada->id}/moments/{$used->id}");
        $this->assertReads('2.5 points', $page);
        $this->assertReads('2 places are otherwise now', $page);
        $this->get("/copies/{$this->ada->id}")->assertSee('Before a fresh copy');

        $this->delete("/items/{$this->item()->id}/fresh")->assertSessionHas('done', '1 used copy is back as before.');
        $this->ada->refresh();
        $this->assertSame(['1.a' => 'ebb', '1.b' => '3'], $this->ada->written()->texts());
        $this->assertSame([CopyState::HandedIn, 1], [$this->ada->state, $this->ada->attempt]);
        $this->assertTrue($this->ada->isReturned(), 'and its student has it back');
        $this->assertSame([5000], HandMark::pluck('points')->all());
        $this->assertSame(['Nearly.'], Comment::pluck('words')->all());
        $this->delete("/items/{$this->item()->id}/fresh")
            ->assertSessionHas('done', 'Nothing is taken back: in all of them something is written by now.');
    }

    public function test_fresh_copies_are_not_taken_back_where_something_is_written(): void
    {
        $this->write($this->ada, ['1.a' => 'ebb']);
        $this->write($this->ben, ['1.a' => 'ebb']);
        $this->fresh('all');
        $this->write($this->ben, ['1.a' => 'new']);
        $this->delete("/items/{$this->item()->id}/fresh")->assertSessionHas('done', '1 used copy is back as before.');
        $this->assertSame(['1.a' => 'ebb'], $this->ada->refresh()->written()->texts());
        $this->assertSame(['1.a' => 'new'], $this->ben->refresh()->written()->texts());
    }

    public function test_again_keeps_what_is_right_where_the_teacher_wants(): void
    {
        $this->write($this->ada, ['1.a' => 'Ebb', '1.b' => '3 m']);
        $this->post("/items/{$this->item()->id}/fresh", ['to' => 'one', 'copy' => $this->ada->id, 'keep' => 'right']);
        $this->assertSame(['1.a' => 'Ebb'], $this->ada->refresh()->written()->texts());
        $this->assertSame(1, $this->ada->filled);
        $this->fresh('one')->assertSessionHasErrors('copy');
        $this->fresh('some')->assertSessionHasErrors('to');
    }

    /**
     * A window that still shows the used copy can write nothing into the fresh one; what it sends is not lost either.
     */
    public function test_what_a_window_with_the_used_copy_sends_late_is_kept_with_that_one(): void
    {
        $this->write($this->ada, ['1.a' => 'ebb']);
        $base = $this->ada->refresh()->written()->revision;
        app(GiveFreshCopies::class)($this->item(), [$this->ada->id]);
        try {
            $this->write($this->ada, ['1.b' => '12 m'], $base);
            $this->fail('It was taken.');
        } catch (CopyRefused $refused) {
            $this->assertStringContainsString('fresh copy', $refused->getMessage());
        }
        $this->assertSame([], $this->ada->refresh()->written()->texts());
        $this->assertSame(['1.a' => 'ebb', '1.b' => '12 m'], Moment::where('kind', MomentKind::Used)->sole()->texts());
        $this->write($this->ada, ['1.a' => 'flood'], $this->ada->written()->revision);
        $this->assertSame(['1.a' => 'flood'], $this->ada->refresh()->written()->texts());

        $this->actingAs($this->ada->student, 'student');
        $this->get("/my/copies/{$this->ada->id}")->assertSee("data-copy=\"{$this->ada->id}.2\"", false);
        $this->patchJson("/my/copies/{$this->ada->id}", [
            'draft' => ['base' => $base, 'window' => 'abcd', 'answers' => ['1.a' => 'x']],
        ])->assertStatus(409);
    }

    public function test_hand_ins_ends_of_days_and_named_moments_are_kept_and_returned_to(): void
    {
        $this->write($this->ada, ['1.a' => 'ebb']);
        $this->travelTo('2026-12-02 09:00:00');
        $this->write($this->ada, ['1.a' => 'flood', '1.b' => '1']);
        $this->post("/copies/{$this->ada->id}/moments", ['name' => 'After the talk'])->assertRedirect();
        $this->write($this->ada, ['1.b' => '']);
        app(MoveCopy::class)->handIn($this->ada->load('item.edition'));
        $moments = Moment::orderBy('id')->get();
        $this->assertSame(
            [
                [MomentKind::DayEnd, ['1.a' => 'ebb']],
                [MomentKind::Named, ['1.a' => 'flood', '1.b' => '1']],
                [MomentKind::HandedIn, ['1.a' => 'flood']],
            ],
            $moments->map(fn (Moment $one): array => [$one->kind, $one->texts()])->all(),
        );
        $this->post(
            "/copies/{$this->ada->id}/moments/{$moments[0]->id}/return",
        )->assertRedirect("/copies/{$this->ada->id}");
        $this->assertSame(['1.a' => 'ebb'], $this->ada->refresh()->written()->texts());
        $this->assertSame(CopyState::HandedIn, $this->ada->state);
        $before = Moment::latest('id')->firstOrFail();
        $this->assertSame([MomentKind::BeforeReturn, ['1.a' => 'flood']], [$before->kind, $before->texts()]);
        $this->post("/copies/{$this->ada->id}/moments/{$before->id}/return");
        $this->assertSame(['1.a' => 'flood'], $this->ada->refresh()->written()->texts());
        $this->post("/copies/{$this->ben->id}/moments/{$before->id}/return")->assertNotFound();
        $this->post("/copies/{$this->ada->id}/moments", ['name' => ''])->assertSessionHasErrors('name');
    }

    public function test_a_daily_sheet_is_fresh_every_school_day_and_missed_days_do_not_pile_up(): void
    {
        Queue::fake();
        $this->write($this->ada, ['1.a' => 'Tuesday']);
        $this->post("/items/{$this->item()->id}/daily", ['at' => '06:00', 'until' => '2026-12-08'])
            ->assertSessionHas('done', 'Fresh copies come every school day, first Wednesday 2 December, 06:00.');
        Queue::assertPushed(FreshenItem::class);
        $this->look('2026-12-01 15:00:00');
        $this->assertSame(1, $this->ada->refresh()->attempt, 'not on the day when it was set');
        $this->look('2026-12-02 05:59:00');
        $this->assertSame(1, $this->ada->refresh()->attempt);
        $this->look('2026-12-02 08:00:00');
        $this->look('2026-12-02 09:00:00');
        $this->assertSame(2, $this->ada->refresh()->attempt);
        $this->write($this->ada, ['1.a' => 'Wednesday']);
        $this->look('2026-12-05 10:00:00');
        $this->assertSame(2, $this->ada->refresh()->attempt, 'not on a Saturday');
        $this->look('2026-12-07 10:00:00');
        $this->assertSame(3, $this->ada->refresh()->attempt, 'once, whatever was missed');
        $this->assertSame([], $this->ada->written()->texts());
        $this->look('2026-12-09 10:00:00');
        $this->write($this->ada, ['1.a' => 'x']);
        $this->look('2026-12-10 10:00:00');
        $this->assertSame(3, $this->ada->refresh()->attempt, 'not after its last day');
        $this->post("/items/{$this->item()->id}/daily", ['at' => '', 'until' => ''])
            ->assertSessionHas('done', 'No more fresh copies come by themselves.');
        $this->post(
            "/items/{$this->item()->id}/daily",
            ['at' => '6', 'until' => 'x'],
        )->assertSessionHasErrors(['at', 'until']);
    }

    public function test_the_job_of_a_day_gives_them_and_waits_for_the_next(): void
    {
        Queue::fake();
        $this->write($this->ada, ['1.a' => 'Tuesday']);
        $this->item()->forceFill(
            ['fresh_at' => '06:00', 'fresh_until' => '2026-12-03', 'freshened_on' => '2026-12-01'],
        )->save();
        foreach (['2026-12-02 06:00:00' => 1, '2026-12-03 06:00:00' => 0] as $time => $more) {
            $this->travelTo($time);
            Queue::fake();
            app()->call([new FreshenItem($this->item()->id), 'handle']);
            Queue::assertPushed(FreshenItem::class, $more);
        }
        $this->assertSame(2, $this->ada->refresh()->attempt);
    }

    public function test_pictures_of_a_used_copy_are_not_swept_away(): void
    {
        $kept = fn (string $sha): array => ['sha256' => $sha, 'media_type' => 'image/png', 'bytes' => 1,
            'created_at' => now()->subWeek()];
        [$used, $replaced] = [str_repeat('a', 64), str_repeat('b', 64)];
        DB::table('stored_files')->insert([$kept($used), $kept($replaced)]);
        foreach ([$used, $replaced] as $sha) {
            DB::table('copy_files')->insert([
                'copy_id' => $this->ada->id,
                'sha256' => $sha,
                'created_at' => now()->subDays(2),
            ]);
        }
        $this->write($this->ada, ['1.a' => $used]);
        app(GiveFreshCopies::class)($this->item(), [$this->ada->id]);
        app(SweepPictures::class)();
        $this->assertSame([$used], DB::table('copy_files')->pluck('sha256')->all());
    }

    public function test_old_moments_that_only_passed_are_thinned_to_the_last_of_each_week(): void
    {
        foreach (['2026-10-05', '2026-10-06', '2026-10-07', '2026-10-12'] as $n => $day) {
            $this->travelTo("{$day} 09:00:00");
            $this->write($this->ada, ['1.a' => "day {$n}"]);
        }
        $this->post("/copies/{$this->ada->id}/moments", ['name' => 'Kept']);
        $this->travelTo('2026-12-01 09:00:00');
        $this->write($this->ada, ['1.a' => 'now']);
        $texts = fn (): array => Moment::orderBy('id')->get()
            ->map(fn (Moment $one): array => [$one->kind->value, $one->texts()['1.a']])
            ->all();
        $this->assertSame(
            [
                ['day_end', 'day 0'],
                ['day_end', 'day 1'],
                ['day_end', 'day 2'],
                ['named', 'day 3'],
                ['day_end', 'day 3'],
            ],
            $texts(),
        );
        // They were kept on the day after, when the next change came: on the 6th, the 7th, the 12th, and today.
        $this->assertSame(1, app(ThinMoments::class)());
        $this->assertSame(
            [['day_end', 'day 1'], ['day_end', 'day 2'], ['named', 'day 3'], ['day_end', 'day 3']],
            $texts(),
        );
        $this->assertSame(0, app(ThinMoments::class)());
    }

    /** @param  array<string, string>  $answers */
    private function write(Copy $copy, array $answers, int $base = 99): void
    {
        app(SaveWork::class)($copy, new Draft($base, 'test', $answers), $this->item()->edition->placesToFill(), 1);
    }

    private function fresh(string $to): \Illuminate\Testing\TestResponse
    {
        return $this->post("/items/{$this->item()->id}/fresh", ['to' => $to]);
    }

    private function look(string $time): void
    {
        $this->travelTo($time);
        $this->get("/handouts/{$this->handout->id}")->assertOk();
    }

    private function item(): HandoutItem
    {
        return HandoutItem::with(['edition.revisions', 'handout'])->where('handout_id', $this->handout->id)->sole();
    }
}
