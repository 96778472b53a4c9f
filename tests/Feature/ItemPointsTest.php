<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use Tests\TestCase;

/** Each worksheet of a handout may have points of its own; the handout is worth what they are together. */
final class ItemPointsTest extends TestCase
{
    use RefreshDatabase;

    private SchoolClass $class;

    /** @var list<Worksheet> */
    private array $sheets;

    protected function setUp(): void
    {
        parent::setUp();
        $teacher = Teacher::factory()->create()->refresh();
        $this->class = SchoolClass::factory()->of($teacher)->create();
        $this->class->students()->attach(Student::factory()->create());
        $this->sheets = array_values(
            Worksheet::factory(2)
                ->withPages(new AnswerBox('a', Frame::of(50, 50, 100, 20)))
                ->sequence(['name' => 'Tides'], ['name' => 'Charts'])
                ->create(['teacher_id' => $teacher->id])
                ->all(),
        );
        $this->actingAs($teacher, 'teacher');
    }

    public function test_the_handout_is_worth_its_worksheets_together(): void
    {
        $said = $this->post($this->at('/preview'), $this->form('4', '6', '99'), ['Accept' => 'application/json']);
        $this->assertSame('10 points', $said->json('words.points'));
        $this->assertStringContainsString('Charts (1 page, own copy, 6 points)', (string) $said->json('words.items'));
        $this->post($this->at(), $this->form('4', '6', '99'))->assertRedirect();
        $handout = Handout::sole();
        $this->assertSame(10, $handout->points);
        $this->assertSame([4, 6], $handout->items()->orderBy('position')->pluck('points')->all());
        $this->actingAs(Student::firstOrFail(), 'student');
        $day = $this->get('/my/day');
        foreach (['· 10 points', '· 4 points', '· 6 points'] as $words) {
            $this->assertReads($words, $day);
        }
    }

    public function test_where_one_has_none_it_does_not_count_and_where_none_has_any_the_whole_does(): void
    {
        $this->post($this->at(), $this->form('4', '', '99'));
        $this->assertSame(4, Handout::sole()->points);
        Handout::sole()->delete();
        $this->post($this->at(), $this->form('', '', '99'));
        $this->assertSame(99, Handout::sole()->points);
        foreach (['-1', '1001', 'x', '1.5'] as $wrong) {
            $this->post($this->at(), $this->form($wrong, '', ''))->assertSessionHasErrors('items.0.points');
        }
    }

    public function test_they_are_changed_afterwards_and_the_change_is_undone(): void
    {
        $this->post($this->at(), $this->form('4', '6', ''));
        $handout = Handout::sole();
        $change = "/handouts/{$handout->id}/change";
        $this->get($change)->assertSee('value="6"', false);
        [$tides, $charts] = $handout->items()->orderBy('position')->get()->all();
        $form = [
            'base' => 1,
            'kept' => [$tides->id, $charts->id],
            'item_points' => [$this->sheets[0]->id => '5', $this->sheets[1]->id => '5'],
        ] + array_diff_key($this->form('', '', ''), ['items' => true]);
        $said = $this->post("{$change}/preview", $form, ['Accept' => 'application/json'])->json();
        $this->assertStringContainsString('Its worksheets are worth other points than before.', $said['will']);
        $this->post($change, $form)->assertSessionHasNoErrors();
        $points = fn (): array => [
            $handout->refresh()->points,
            ...$handout->items()->orderBy('position')->pluck('points')->all(),
        ];
        $this->assertSame([10, 5, 5], $points());

        $this->post($change, ['base' => 2, 'kept' => [$tides->id]] + $form)->assertSessionHasNoErrors();
        $this->assertSame(5, $points()[0], 'what is taken back does not count');
        foreach ([3 => [10, 5, 5], 4 => [10, 4, 6]] as $base => $before) {
            $this->post("{$change}/undo", ['base' => $base])->assertSessionHasNoErrors();
            $this->assertSame($before, $points());
        }
        $this->post($change, ['item_points' => [$this->sheets[0]->id => 'x'], 'base' => 5] + $form)
            ->assertSessionHasErrors("item_points.{$this->sheets[0]->id}");
    }

    /** @return array<string, mixed> */
    private function form(string $tides, string $charts, string $whole): array
    {
        return [
            'title' => 'Sea',
            'points' => $whole,
            'out' => 'now',
            'late' => 'marked',
            'to' => [$this->class->id => 'whole'],
            'items' => [
                ['worksheet' => $this->sheets[0]->id, 'mode' => 'own_copy', 'points' => $tides],
                ['worksheet' => $this->sheets[1]->id, 'mode' => 'own_copy', 'points' => $charts],
            ],
        ];
    }

    private function at(string $more = ''): string
    {
        return "/worksheets/{$this->sheets[0]->id}/hand-out{$more}";
    }
}
