<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\CutPageSet;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use Tests\Support\DemoPack;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** The Check station, and the same list before a worksheet is handed out. */
final class CheckTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Teacher $teacher;

    private Worksheet $pack;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->pack = DemoPack::of($this->teacher);
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_a_pack_with_keys_is_found_out_page_by_page_and_cannot_be_handed_out(): void
    {
        $key = $this->pack->pages()->where('role', 'key')->firstOrFail();
        $this->get("/worksheets/{$this->pack->id}/check")
            ->assertOk()
            ->assertSeeInOrder(['There is nothing to fill in', 'Page 1', 'a cover'])
            ->assertSeeInOrder(["Page {$key->position}", 'an answer key'])
            ->assertSee("#contact-{$key->id}", false)
            ->assertSeeInOrder(['must be mended', 'This page is an answer key. Take it out first.']);
        $class = SchoolClass::factory()->for($this->teacher)->create();
        $class->students()->attach(Student::factory()->create());
        $form = [
            'title' => 'All',
            'items' => [['worksheet' => $this->pack->id, 'mode' => 'own_copy']],
            'to' => [$class->id => 'whole'],
        ];
        $this->post("/worksheets/{$this->pack->id}/hand-out", $form)->assertSessionHasErrors('items');
        $this->postJson("/worksheets/{$this->pack->id}/hand-out/preview", $form)
            ->assertOk()
            ->assertJsonPath('problems.items', fn (string $said): bool => str_contains($said, 'an answer key among'));
        $this->get("/worksheets/{$this->pack->id}/hand-out")->assertSeeInOrder([
            'To mend first',
            "page {$key->position}: This page is an answer key",
            'more, and where to mend them',
        ]);
        $this->assertSame(0, Handout::count());
    }

    public function test_a_finding_leads_to_the_thing_and_the_job_sheet_says_how_many_there_are(): void
    {
        $set = app(CutPageSet::class)($this->pack, [6], 'Tide table');
        $page = $set->pages()->sole();
        $this->get("/worksheets/{$set->id}/boxes")->assertSee('not looked through');
        app(ApplyEdit::class)($page, 1, new Place([
            new AnswerBox('low', Frame::of(50, 300, 200, 5), prompt: 'Low water'),
            new AnswerBox('good', Frame::of(50, 400, 200, 20), prompt: 'High water'),
        ]));
        $this->get("/worksheets/{$set->id}/check")
            ->assertOk()
            ->assertSee('A1 is too low to write in.')
            ->assertSee("/worksheets/{$set->id}/boxes/1#on=low", false)
            ->assertDontSee('A2 ');
        $this->get("/worksheets/{$set->id}/boxes")->assertSee('1 to mend');
        $this->get("/worksheets/{$set->id}/hand-out")
            ->assertOk()
            ->assertSee('To mend first, or to leave as it is')
            ->assertSee('page 1: A1 is too low to write in.');
        $this->postJson("/pages/{$page->id}/edits", [
            'base' => $page->refresh()->revision,
            'edit' => ['kind' => 'remove', 'ids' => ['low']],
        ])->assertOk();
        $this->get("/worksheets/{$set->id}/boxes")->assertSee('changed since');
        $this->get("/worksheets/{$set->id}/check")->assertSee('Nothing to mend.');
        $this->get("/worksheets/{$set->id}/boxes")->assertSee('nothing to mend');
    }

    public function test_what_is_printed_beside_a_place_names_it(): void
    {
        $set = app(CutPageSet::class)($this->pack, [6], 'Tide table');
        $this->post("/worksheets/{$set->id}/blanks", ['base' => $set->arranged, 'number' => 1])->assertRedirect();
        $this->get("/worksheets/{$set->id}/check")->assertOk()->assertDontSee('no words beside it');
    }

    public function test_directions_are_held_against_what_is_handed_out(): void
    {
        $set = app(CutPageSet::class)($this->pack, [6, 7], 'Tide table');
        $found = fn (string $directions): string => (string) $this->postJson(
            "/worksheets/{$set->id}/hand-out/preview",
            [
                'title' => 'Tides',
                'items' => [['worksheet' => $set->id, 'mode' => 'read_only']],
                'directions' => $directions,
            ],
        )->json('found');
        $said = 'The directions say “three pages”, and there are 2.';
        $this->assertStringContainsString($said, $found('Read three pages.'));
        $this->assertSame('', trim($found('Read both pages.')));
    }
}
