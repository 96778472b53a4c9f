<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Copy;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** An easier and a harder sheet in one handout, and nobody sees which others have. */
final class ChosenItemsTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $class;

    /** @var array<string, Student> */
    private array $students = [];

    /** @var array<string, Worksheet> */
    private array $sheets = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create()->refresh();
        $this->class = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Heron']);
        foreach (['Ann', 'Bo', 'Cy'] as $name) {
            $this->students[$name] = Student::factory()->create(['name' => $name])->refresh();
            $this->class->students()->attach($this->students[$name]);
        }
        foreach (['Tides', 'Tides in small steps', 'About the moon'] as $name) {
            $this->sheets[$name] = Worksheet::factory()
                ->withPages(new AnswerBox('a', Frame::of(50, 50, 100, 20)))
                ->create(['teacher_id' => $this->teacher->id, 'name' => $name]);
        }
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_each_student_has_a_copy_of_what_is_for_them_and_of_nothing_else(): void
    {
        $this->send()->assertRedirect();
        $this->assertSame(4, Copy::count(), 'Ann and Bo the one, Cy the other, Bo the third');
        foreach (['Ann' => [true, false], 'Bo' => [true, false], 'Cy' => [false, true]] as $name => [$whole, $small]) {
            $this->actingAs($this->students[$name], 'student');
            $day = (string) $this->get('/my/day')->getContent();
            $this->assertSame($small, str_contains($day, 'Tides in small steps'), $name);
            $this->assertSame($whole, preg_match('/Start Tides\s*</', $day) === 1, $name);
        }
        $item = HandoutItem::whereRelation('edition', 'name', 'Tides in small steps')->sole();
        $this->actingAs($this->students['Ann'], 'student');
        $this->get("/my/sheets/{$item->id}/1/thumbnail")->assertForbidden();
    }

    public function test_who_joins_later_gets_what_is_for_all_alone(): void
    {
        $this->sheets['About the moon']->update(['name' => 'For all']);
        $this->send(moon: []);
        $this->post("/classes/{$this->class->id}/students", ['names' => 'Di']);
        $this->actingAs(Student::where('name', 'Di')->sole(), 'student');
        $this->assertReads('For all', $this->get('/my/day'));
        $this->get('/my/day')->assertDontSee('small steps');
    }

    public function test_the_sentence_says_for_how_many_and_counts_copies_rightly(): void
    {
        $said = $this->post("/worksheets/{$this->sheets['Tides']->id}/hand-out/preview", $this->form(), [
            'Accept' => 'application/json',
        ])->assertOk();
        $this->assertStringContainsString(
            'Tides in small steps (1 page, own copy, for 1 student)',
            (string) $said->json('words.items'),
        );
        $this->assertStringStartsWith('4 own copies', (string) $said->json('will'));
    }

    public function test_a_sheet_for_nobody_who_gets_it_is_refused(): void
    {
        $elsewhere = Student::factory()->create();
        $this->send(small: [$elsewhere->id])->assertSessionHasErrors('items');
        $this->assertSame(0, Copy::count());
    }

    public function test_what_was_chosen_stands_in_the_form_again_after_a_mistake(): void
    {
        $this->from("/worksheets/{$this->sheets['Tides']->id}/hand-out");
        $this->send(title: '')->assertSessionHasErrors('title');
        $this->assertReads('for 1 of them', $this->get("/worksheets/{$this->sheets['Tides']->id}/hand-out"));
    }

    public function test_seen_as_a_student_it_shows_what_is_theirs(): void
    {
        $this->send();
        $handout = $this->teacher->handouts()->sole();
        $this->get("/handouts/{$handout->id}/seen?student={$this->students['Cy']->id}");
        $this->assertReads('Tides in small steps', $this->get('/try/day'));
        $this->get("/handouts/{$handout->id}/seen?student={$this->students['Ann']->id}");
        $this->get('/try/day')->assertDontSee('Tides in small steps');
    }

    /**
     * @param  list<int>|null  $small  for whom the easier sheet is; Cy, unless others are said
     * @param  list<int>|null  $moon
     * @return TestResponse<Response>
     */
    private function send(?array $small = null, ?array $moon = null, string $title = 'Tides'): TestResponse
    {
        return $this->post(
            "/worksheets/{$this->sheets['Tides']->id}/hand-out",
            ['title' => $title] + $this->form($small, $moon),
        );
    }

    /**
     * @param  list<int>|null  $small
     * @param  list<int>|null  $moon
     * @return array<string, mixed>
     */
    private function form(?array $small = null, ?array $moon = null): array
    {
        $item = fn (string $name, array $only): array => [
            'worksheet' => $this->sheets[$name]->id,
            'mode' => 'own_copy',
            'only' => $only,
        ];

        return [
            'title' => 'Tides',
            'directions' => '',
            'out' => 'now',
            'late' => 'marked',
            'to' => [$this->class->id => 'whole'],
            'items' => [
                $item('Tides', [$this->students['Ann']->id, $this->students['Bo']->id]),
                $item('Tides in small steps', $small ?? [$this->students['Cy']->id]),
                $item('About the moon', $moon ?? [$this->students['Bo']->id]),
            ],
        ];
    }
}
