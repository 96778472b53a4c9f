<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Worksheet;
use App\View\SavedWords;
use Carbon\CarbonImmutable;
use Database\Seeders\SkillsSheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Schema;
use Illuminate\Testing\TestResponse;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Work;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A copy with every kind of place to answer. */
final class KindsTest extends TestCase
{
    use RefreshDatabase;

    private Worksheet $worksheet;

    private Copy $copy;

    private Student $student;

    protected function setUp(): void
    {
        parent::setUp();
        $clip = new Clip('kept', Frame::of(400, 20, 100, 40), str_repeat('0f', 32), 1, kept: true);
        $name = new Label('who', Frame::of(300, 20, 90, 20), 'For', fills: LabelText::Student);
        $this->worksheet = Worksheet::factory()->withPages(...SkillsSheet::elements(), ...[$clip, $name])->create();
        $class = SchoolClass::factory()->of($this->worksheet->teacher)->create();
        $this->student = Student::factory()->create(['name' => 'Nell Harrow']);
        $class->students()->attach($this->student);
        app(HandOutWorksheets::class)(
            $this->worksheet->teacher,
            new HandoutPlan(
                'Sail',
                '',
                CarbonImmutable::parse('2030-01-01 12:00 UTC'),
                null,
                [[$this->worksheet, Mode::OwnCopy]],
                [$class],
            ),
        );
        $this->copy = Copy::sole();
        $this->actingAs($this->student, 'student');
    }

    public function test_each_kind_is_kept_and_counted_as_what_it_is(): void
    {
        $this->get($this->url())->assertOk()->assertSee('0 of 14 filled');
        foreach (SkillsSheet::WORK[0] as $place => $answer) {
            $this->save(["1.{$place}" => $answer])
                ->assertOk()
                ->assertJson(['conflicts' => []]);
        }
        $this->assertSame(10, $this->copy->refresh()->filled);
        $html = (string) $this->get($this->url())->getContent();
        $this->assertMatchesRegularExpression('~value="b"\s+aria-label="flood"\s+checked~', $html);
        $this->assertStringContainsString('stroke="#1f4fa3"', $html, 'the drawing is there');
        $this->save([
            '1.jacket' => '',
            '1.passage' => 'the ferry leave the harbor at nine it carries crabs lobsters and mail',
        ])->assertJson(['filled' => 9]);
    }

    public function test_what_no_student_could_give_is_refused(): void
    {
        foreach (
            [
                '1.ring' => 'z',
                '1.jacket' => 'maybe',
                '1.wind' => 'up',
                '1.flag' => '<svg onload=alert(1)>',
                '1.knot' => '../../etc/passwd',
                '1.table.1-1' => 'x',
                '1.table.9-9' => 'x',
                '1.q1' => 'x',
            ] as $place => $answer
        ) {
            $this->save([$place => $answer])
                ->assertOk()
                ->assertJsonStructure(['refused' => [$place]]);
        }
        $this->save(['1.knot' => str_repeat('ab', 32)])
            ->assertOk()
            ->assertJsonPath('refused', ['1.knot' => 'This picture is not saved. Choose it again.']);
        $this->assertSame(0, $this->copy->refresh()->written()->revision);
    }

    public function test_an_answer_that_cannot_be_kept_holds_no_other_up(): void
    {
        $points = array_merge([10, 10], ...array_fill(0, 40001, [1, 1]));
        $this->save([
            '1.why' => 'Because.',
            '1.flag' => (string) json_encode(['ink' => [['dark', 14, $points]]]),
            '1.wind' => 'up',
        ])
            ->assertOk()
            ->assertJsonPath('refused', [
                '1.flag' => 'This drawing is not saved: there is too much in it. Rub some of it out.',
                '1.wind' => 'This is not saved. Choose again.',
            ]);

        $this->assertSame(
            ['Because.', '', ''],
            array_map($this->copy->refresh()->written()->text(...), ['1.why', '1.flag', '1.wind']),
        );
        $this->save(['1.wind' => 'west'])->assertJsonPath('refused', []);
        $this->assertSame('west', $this->copy->refresh()->written()->text('1.wind'));
    }

    public function test_no_right_answer_ever_reaches_a_student(): void
    {
        $html = (string) $this->get($this->url())->assertOk()->getContent();
        foreach (['4.2 ± 0.1', 'The ferry leaves the harbour', '09:15', 'data-key', 'points'] as $secret) {
            $this->assertStringNotContainsString($secret, $html);
        }
        $this->assertStringNotContainsString('class="clip__cut"', $html, 'a clip that is an answer is kept back');
        $saved = (string) $this->save(['1.passage' => 'The ferry'])->getContent();
        $this->assertStringNotContainsString('leaves', $saved);
    }

    public function test_answers_are_shown_when_the_teacher_says_so(): void
    {
        $handout = Handout::sole();
        $this->actingAs($this->worksheet->teacher, 'teacher')
            ->get("/handouts/{$handout->id}")
            ->assertOk()
            ->assertSee('Students see the answers never, as it is now');
        $this->post("/handouts/{$handout->id}/answers", ['show' => 'now'])->assertRedirect();
        $this->actingAs($this->student, 'student')->get($this->url())->assertSee('class="clip__cut"', false);
        $this->actingAs($this->worksheet->teacher, 'teacher')->post(
            "/handouts/{$handout->id}/answers",
            ['show' => 'never'],
        );
        $this->actingAs($this->student, 'student')->get($this->url())->assertDontSee('class="clip__cut"', false);
    }

    public function test_labels_fill_themselves_in(): void
    {
        $this->get($this->url())->assertSee('For Nell Harrow');
        $this->actingAs($this->worksheet->teacher, 'teacher')
            ->get("/worksheets/{$this->worksheet->id}/boxes")
            ->assertSee('For (the student’s name)');
    }

    public function test_limits_are_said_with_every_save(): void
    {
        $this->save(['1.why' => 'One. Two.'])->assertJsonPath('limits', [
            '1.why' => ['said' => '2 sentences; 3 to 5 asked', 'met' => false],
        ]);
        $this->save(['1.why' => 'One. Two. Three.'])->assertJsonPath('limits', [
            '1.why' => ['said' => '3 sentences; 3 to 5 asked', 'met' => true],
        ]);
        $this->get($this->url())->assertSee('3 sentences; 3 to 5 asked');
    }

    public function test_changes_of_a_passage_are_said_with_their_places(): void
    {
        $text = 'The ferry leave the harbour at nine it carries crabs lobsters and mail';
        $this->save(['1.passage' => $text])->assertJsonPath('passages', [
            '1.passage' => [
                'text' => $text,
                'words' => '2 changes',
                'changes' => [
                    ['at' => 0, 'from' => 'the', 'to' => 'The'],
                    ['at' => 20, 'from' => 'harbor', 'to' => 'harbour'],
                ],
            ],
        ]);
        $this->actingAs($this->worksheet->teacher, 'teacher')
            ->get("/copies/{$this->copy->id}")
            ->assertOk()
            ->assertSee('<del>harbor</del><ins>harbour</ins>', false);
    }

    public function test_changes_are_looked_for_in_a_few_long_passages_with_one_save(): void
    {
        $boxes = array_map(
            fn (int $n): AnswerBox => new AnswerBox(
                "p{$n}",
                Frame::of(50, 20 + 20 * $n, 300, 18),
                PassageAnswer::of(str_repeat('the tide ', 200), 'The tide.'),
            ),
            range(0, 29),
        );
        $places = Places::of([new Page(Size::of(600, 800), Colour::white(), null, $boxes)]);
        $keys = array_map(fn (int $n): string => "1.p{$n}", range(0, 29));

        $this->assertSame(
            array_slice($keys, 0, 9),
            array_keys((array) SavedWords::of(Work::none(), $places, $keys)['passages']),
            '1,799 bytes each, until 15,000 are reached',
        );
    }

    public function test_what_is_needed_has_to_be_there_before_handing_in(): void
    {
        $this->get($this->url());
        $this->from($this->url())
            ->post($this->url().'/hand-in')
            ->assertRedirect($this->url())
            ->assertSessionHasErrors([
                'refused' => 'One place that your teacher needs is still blank. Fill it in, then hand in.',
            ]);
        $this->assertSame(CopyState::Working, $this->copy->refresh()->state);
        $this->save(['1.why' => 'A rope.']);
        $this->post($this->url().'/hand-in')->assertSessionHasNoErrors();
        $this->assertSame(CopyState::HandedIn, $this->copy->refresh()->state);
        $this->post($this->url().'/hand-in')->assertSessionHasNoErrors();
    }

    public function test_an_edition_from_before_there_were_kinds_still_works(): void
    {
        $edition = $this->copy->item->edition;
        $edition->update(['places' => '{"1.a":"short","1.b":"lines"}']);
        Schema::dropColumns('handouts', ['answers_shown_at']);
        (require database_path('migrations/2026_11_25_000011_show_answers.php'))->up();
        $places = $edition->refresh()->placesToFill();
        $this->assertEquals(
            [TextAnswer::short(), TextAnswer::lines()],
            [$places->find('1.a')?->form, $places->find('1.b')?->form],
        );
    }

    public function test_help_is_there_for_the_asking(): void
    {
        $this->get($this->url())
            ->assertSee('popovertarget="help-1.why"', false)
            ->assertSee('Say what could happen without it.');
    }

    public function test_the_desks_draw_every_kind(): void
    {
        foreach (SkillsSheet::WORK[0] as $place => $answer) {
            $this->save(["1.{$place}" => $answer]);
        }
        $html = (string) $this->actingAs($this->worksheet->teacher, 'teacher')
            ->get('/handouts/'.Handout::sole()->id)
            ->assertOk()
            ->getContent();
        foreach (
            [
                '4.2',
                'west',
                '08:40',
                '<ins>leaves</ins>',
                'option-mark is-chosen',
                'stroke="#a32b2b"',
                'For Nell Harrow',
            ] as $drawn
        ) {
            $this->assertStringContainsString($drawn, $html);
        }
    }

    private function url(): string
    {
        return "/my/copies/{$this->copy->id}";
    }

    /**
     * @param  array<string, string>  $answers
     * @return TestResponse<Response>
     */
    private function save(array $answers): TestResponse
    {
        return $this->patchJson($this->url(), [
            'draft' => [
                'base' => $this->copy->refresh()->written()->revision,
                'window' => 'wind',
                'answers' => $answers,
            ],
            'page' => 1,
        ]);
    }
}
