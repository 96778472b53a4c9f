<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\TryWorksheet;
use App\Models\Copy;
use App\Models\Edition;
use App\Models\Handout;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use Tests\TestCase;

/** A teacher tries a worksheet as a student has it; nothing of it counts, and nothing stays. */
final class TrialTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private Worksheet $worksheet;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->worksheet = Worksheet::factory()
            ->for($this->teacher)
            ->withPages(new AnswerBox('b', Frame::of(10, 10, 90, 20), prompt: 'Your answer', key: ['the secret key']))
            ->create(['name' => 'Tides']);
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_it_is_worked_on_as_students_do_without_its_key_and_ends_where_it_began(): void
    {
        $begun = $this->post("/worksheets/{$this->worksheet->id}/try", ['station' => 'key', 'number' => 1]);
        $copy = Copy::sole();
        $begun->assertRedirect("/try/{$copy->id}");
        $this->get("/try/{$copy->id}")
            ->assertOk()
            ->assertSee('A trial.')
            ->assertSee('Your answer')
            ->assertDontSee('the secret key');
        $this->patchJson("/try/{$copy->id}", [
            'draft' => ['window' => 'wind', 'base' => 0, 'answers' => ['1.b' => 'at noon']],
            'page' => 1,
        ])
            ->assertOk()
            ->assertJson(['filled' => 1]);
        $this->post("/try/{$copy->id}/hand-in")->assertRedirect("/try/{$copy->id}");
        $this->get("/try/{$copy->id}")->assertSee('Handed in');
        $this->post("/try/{$copy->id}/take-back")->assertRedirect("/try/{$copy->id}");

        $this->delete("/try/{$copy->id}")->assertRedirect("/worksheets/{$this->worksheet->id}/key/1");
        $this->assertSame([0, 0, 0, 0], [Copy::count(), Handout::count(), Edition::count(), Student::count()]);
    }

    public function test_it_counts_nowhere(): void
    {
        app(TryWorksheet::class)($this->teacher, $this->worksheet);

        $this->get('/handouts')->assertDontSee('Tides');
        $this->get('/shelf')->assertDontSee('Given to');
        $this->get("/worksheets/{$this->worksheet->id}/boxes")->assertSee('not yet');
        $this->assertSame(0, $this->worksheet->editions()->count());
    }

    public function test_another_trial_takes_the_place_of_the_first_and_what_is_left_goes_after_a_day(): void
    {
        app(TryWorksheet::class)($this->teacher, $this->worksheet);
        $second = app(TryWorksheet::class)($this->teacher, $this->worksheet);
        $this->assertSame([$second->id], Copy::pluck('id')->all());

        $this->artisan('slate:tidy');
        $this->assertSame(1, Copy::count());
        $this->travel(25)->hours();
        $this->artisan('slate:tidy');
        $this->assertSame([0, 0, 0, 0], [Copy::count(), Handout::count(), Edition::count(), Student::count()]);
    }

    public function test_what_is_still_being_prepared_is_not_tried(): void
    {
        $this->worksheet->update(['state' => 'preparing']);
        $this->post("/worksheets/{$this->worksheet->id}/try")->assertRedirect("/worksheets/{$this->worksheet->id}");
        $this->assertSame(0, Copy::count());
    }
}
