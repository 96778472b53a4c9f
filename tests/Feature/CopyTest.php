<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Http\Who;
use App\Models\Copy;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Worksheet;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Copies\CopyState;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class CopyTest extends TestCase
{
    use RefreshDatabase;

    private Copy $copy;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-01 09:00:00');
        $worksheet = Worksheet::factory()
            ->withPages(
                new AnswerBox('a', Frame::of(50, 100, 200, 18)),
                new AnswerBox('b', Frame::of(50, 200, 300, 90), TextAnswer::lines(), 'Why?'),
            )
            ->create();
        $class = SchoolClass::factory()->of($worksheet->teacher)->create();
        $student = Student::factory()->create();
        $class->students()->attach($student);
        app(HandOutWorksheets::class)(
            $worksheet->teacher,
            new HandoutPlan(
                'Tides',
                'Read first.',
                CarbonImmutable::parse('2026-12-03 15:30 UTC'),
                null,
                [[$worksheet, Mode::OwnCopy]],
                [$class],
            ),
        );
        $this->copy = Copy::sole();
        $this->actingAs($student, 'student');
    }

    public function test_opening_it_is_noted_once(): void
    {
        $this->get("/my/copies/{$this->copy->id}")
            ->assertOk()
            ->assertSee('Read first.')
            ->assertSee('0 of 2 filled');
        $this->assertSame([CopyState::Working, 1], [$this->copy->refresh()->state, $this->copy->version]);
        $this->get("/my/copies/{$this->copy->id}")->assertOk();
        $this->assertSame(1, $this->copy->refresh()->version);
    }

    public function test_what_is_typed_is_there_again_exactly(): void
    {
        $words = "<b>5 < 6</b>\n  and \"so\" on – 水\n";
        $this->save(0, 'wind', ['1.b' => $words])
            ->assertOk()
            ->assertJson(['revision' => 1, 'filled' => 1]);

        $this->assertSame($words, $this->copy->refresh()->written()->text('1.b'));
        $html = (string) $this->get("/my/copies/{$this->copy->id}")->getContent();
        // A browser drops one line break right after <textarea>; there is one more for it to drop.
        $this->assertStringContainsString(">\n".e($words).'</textarea>', $html);
    }

    public function test_an_answer_can_be_cleared_again(): void
    {
        $this->save(0, 'wind', ['1.a' => 'oops'])->assertJson(['filled' => 1]);
        $this->save(1, 'wind', ['1.a' => ''])
            ->assertOk()
            ->assertJson(['revision' => 2, 'filled' => 0]);
        $this->assertSame('', $this->copy->refresh()->written()->text('1.a'));
    }

    public function test_two_windows_are_told_of_each_other(): void
    {
        $this->save(0, 'one1', ['1.a' => 'first'])->assertOk();
        $this->save(0, 'two2', ['1.a' => 'second', '1.b' => 'free'])
            ->assertOk()
            ->assertJson(['conflicts' => ['1.a' => 'first'], 'newer' => []]);
        $this->assertSame(
            ['first', 'free'],
            [$this->copy->refresh()->written()->text('1.a'), $this->copy->written()->text('1.b')],
        );
    }

    public function test_what_is_no_draft_is_refused_in_words(): void
    {
        foreach ([[], ['draft' => 'x'], ['draft' => ['base' => 0, 'window' => 'wind', 'answers' => ['y']]]] as $body) {
            $this->patchJson("/my/copies/{$this->copy->id}", $body)
                ->assertUnprocessable()
                ->assertJsonStructure(['message']);
        }
        $this->save(0, 'wind', ['1.a' => str_repeat('x', 301), '7.x' => 'y'])
            ->assertOk()
            ->assertJsonPath('refused', [
                '1.a' => 'This is not saved: it is too long. Make it shorter.',
                '7.x' => 'This place is not on the page any more.',
            ]);
        $this->assertNull($this->copy->refresh()->work);
    }

    public function test_a_page_that_its_worker_keeps_is_sent_again_only_when_something_is_new(): void
    {
        $url = "/my/copies/{$this->copy->id}";
        $this->get($url);
        $first = $this->get($url)->assertOk();
        $tag = (string) $first->headers->get('ETag');
        Carbon::setTestNow(now()->addMinutes(2));
        $again = $this->get($url, ['If-None-Match' => $tag])->assertStatus(304);
        $this->assertSame('', $again->getContent());
        $this->assertSame($first->headers->get(Who::HEADER), $again->headers->get(Who::HEADER));
        $this->save(0, 'wind', ['1.a' => 'ebb'])->assertOk();
        $this->get($url, ['If-None-Match' => $tag])->assertOk()->assertSee('ebb');
    }

    public function test_handed_in_it_is_closed_until_it_is_taken_back(): void
    {
        $this->save(0, 'wind', ['1.a' => 'done']);
        $this->post("/my/copies/{$this->copy->id}/hand-in")->assertRedirect();
        $this->assertSame(CopyState::HandedIn, $this->copy->refresh()->state);
        $this->save(1, 'wind', ['1.a' => 'more'])
            ->assertConflict()
            ->assertJsonPath('message', 'You have handed this in. Take it back first if you want to change it.');
        $this->get("/my/copies/{$this->copy->id}")
            ->assertSee('Take it back')
            ->assertSee('readonly', false);

        $this->post("/my/copies/{$this->copy->id}/take-back")->assertRedirect();
        $this->assertSame([CopyState::Working, null], [$this->copy->refresh()->state, $this->copy->handed_in_at]);
        $this->save(1, 'wind', ['1.a' => 'more'])->assertOk();
    }

    public function test_after_the_due_time_it_can_be_handed_in_late_but_not_taken_back(): void
    {
        Carbon::setTestNow('2026-12-03 15:30:01');
        $this->save(0, 'wind', ['1.a' => 'late'])->assertOk();
        $this->post("/my/copies/{$this->copy->id}/hand-in");
        $this->get("/my/copies/{$this->copy->id}")->assertDontSee('Take it back');
        $this->from("/my/copies/{$this->copy->id}")
            ->post("/my/copies/{$this->copy->id}/take-back")
            ->assertSessionHasErrors('refused');

        $this->assertSame(CopyState::HandedIn, $this->copy->refresh()->state);
        $this->actingAs($this->copy->item->handout->teacher, 'teacher')
            ->get("/copies/{$this->copy->id}")
            ->assertSee('handed in late');
    }

    public function test_the_day_lists_what_is_set_by_due_time(): void
    {
        $class = SchoolClass::sole();
        $worksheet = Worksheet::sole();
        foreach (['Without' => null, 'Sooner' => '2026-12-02 09:00', 'Later' => '2026-12-09 09:00'] as $title => $due) {
            app(HandOutWorksheets::class)(
                $worksheet->teacher,
                new HandoutPlan(
                    $title,
                    '',
                    $due === null ? null : CarbonImmutable::parse($due),
                    null,
                    [[$worksheet, Mode::OwnCopy]],
                    [$class],
                ),
            );
        }
        $this->get('/my/day')->assertSeeInOrder(['Sooner', 'Tides', 'Later', 'Without']);
        // The same sheet four times: what is pressed says of which it is.
        preg_match_all('~<a class="btn btn-primary"[^>]*>(.*?)</a>~s', $this->get('/my/day')->getContent(), $found);
        $named = array_map(
            fn (string $one): string => trim((string) preg_replace('/\s+/', ' ', strip_tags($one))),
            $found[1],
        );
        $this->assertCount(4, array_unique($named));
        $this->assertStringEndsWith(', Sooner', $named[0]);
    }

    /**
     * @param  array<string, string>  $answers
     * @return TestResponse<Response>
     */
    private function save(int $base, string $window, array $answers): TestResponse
    {
        return $this->patchJson("/my/copies/{$this->copy->id}", [
            'draft' => ['base' => $base, 'window' => $window, 'answers' => $answers],
            'page' => 1,
        ]);
    }
}
