<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\LookThrough;
use App\Actions\PutOnClassShelf;
use App\Actions\TakeCopy;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use OpenSlate\Check\Finding;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A link on a page may lead to another worksheet, and opens what each student has of it. */
final class LeadTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $class;

    private Student $ann;

    private Worksheet $tides;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create()->refresh();
        $this->class = SchoolClass::factory()->of($this->teacher)->create();
        $this->ann = Student::factory()->create()->refresh();
        $this->class->students()->attach($this->ann);
        $this->tides = Worksheet::factory()
            ->withPages(new AnswerBox('a', Frame::of(50, 50, 100, 20)))
            ->create(['teacher_id' => $this->teacher->id, 'name' => 'Tides']);
    }

    public function test_it_opens_the_students_own_copy_of_what_was_set(): void
    {
        $this->give($this->tides);
        $copy = $this->ann->copies()->sole();
        $this->lead()->assertRedirect("/my/copies/{$copy->id}");
        $this->actingAs(Student::factory()->create(), 'student');
        $this->get("/my/worksheets/{$this->tides->id}")->assertNotFound()->assertSee('You do not have this worksheet');
    }

    public function test_it_opens_what_is_on_the_shelf_and_the_copy_once_one_is_taken(): void
    {
        app(PutOnClassShelf::class)($this->teacher, $this->class, [$this->tides]);
        $item = HandoutItem::sole();
        $this->lead()->assertRedirect("/my/readings/{$item->id}");
        $copy = app(TakeCopy::class)($item, $this->ann);
        $this->lead()->assertRedirect("/my/copies/{$copy->id}");
        $copy->update(['thrown_at' => now()]);
        $this->lead()->assertRedirect("/my/readings/{$item->id}");
        $item->update(['off_shelf_at' => now()]);
        $this->lead()->assertNotFound();
    }

    public function test_before_its_time_and_with_nothing_given_it_says_so(): void
    {
        $this->lead()->assertNotFound();
        $this->give($this->tides);
        DB::table('recipients')->update(['out_at' => now()->addDay()]);
        $this->lead()->assertNotFound();
    }

    public function test_on_a_copy_the_link_stays_in_the_program_and_the_check_knows_what_it_leads_to(): void
    {
        $elsewhere = Worksheet::factory()->create();
        $page = Worksheet::factory()
            ->withPages(
                new Link('a', Frame::of(50, 50, 100, 20), LinkTarget::worksheet($this->tides->id), 'The tide table'),
                new Link('b', Frame::of(50, 90, 100, 20), LinkTarget::worksheet($elsewhere->id), 'Of a colleague'),
                new AnswerBox('c', Frame::of(50, 150, 100, 20), prompt: 'Why?'),
            )
            ->create(['teacher_id' => $this->teacher->id, 'name' => 'Way']);
        $dead = array_filter(
            app(LookThrough::class)($page),
            fn (Finding $finding): bool => $finding->code === 'dead-link',
        );
        $this->assertCount(1, $dead);

        $this->give($page);
        $copy = $this->ann->copies()->sole();
        $this->actingAs($this->ann, 'student')
            ->get("/my/copies/{$copy->id}")
            ->assertSee("href=\"/my/worksheets/{$this->tides->id}\"", false)
            ->assertDontSee("/my/worksheets/{$this->tides->id}\" target", false);
        $this->actingAs($this->teacher, 'teacher')
            ->get("/worksheets/{$page->id}/boxes")
            ->assertSee("<option value=\"worksheet:{$this->tides->id}\">Tides</option>", false);
    }

    /** @return TestResponse<Response> */
    private function lead(): TestResponse
    {
        return $this->actingAs($this->ann, 'student')->get("/my/worksheets/{$this->tides->id}");
    }

    private function give(Worksheet $worksheet): void
    {
        app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan($worksheet->name, '', null, null, [[$worksheet, Mode::OwnCopy]], [$this->class]),
        );
    }
}
