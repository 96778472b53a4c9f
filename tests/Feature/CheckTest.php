<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\CutPageSet;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Picture;
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
        $class = SchoolClass::factory()->of($this->teacher)->create();
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

    public function test_pages_that_are_not_for_students_are_taken_out_together_and_come_back_by_undo(): void
    {
        $students = $this->pack->pages()->whereIn('role', ['student', 'blank', 'unknown'])->count();
        $this->get($this->url($this->pack))
            ->assertSee('pages that are not for')
            ->assertSee('value="teacher-page"', false);
        $this->post($this->url($this->pack), ['code' => 'not-for-students'])
            ->assertRedirect($this->url($this->pack))
            ->assertSessionHas('done', fn (string $said): bool => str_contains($said, 'Undo at Pages puts them back'));
        $this->assertSame($students, $this->pack->refresh()->pages_total);
        $this->get($this->url($this->pack))->assertDontSee('Take it out');
        $this->post($this->url($this->pack), ['code' => 'not-for-students'])
            ->assertSessionHas('done', 'That is mended already.');
        $this->postJson("/worksheets/{$this->pack->id}/pages/undo", ['base' => $this->pack->arranged])->assertOk();
        $key = $this->pack->pages()->where('role', 'key')->firstOrFail();
        $this->post($this->url($this->pack), ['code' => 'key-page', 'page' => $key->position])
            ->assertSessionHas('done', 'Taken out: 1 page. Undo at Pages puts them back.');
        app(CutPageSet::class)($this->pack, [6], 'Tide table');
        $this->get($this->url($this->pack))
            ->assertSee('It is locked, since sets were cut from it')
            ->assertDontSee('value="teacher-page"', false)
            ->assertDontSee('pages that are not for');
        $this->post($this->url($this->pack), ['code' => 'not-for-students'])->assertSessionHasErrors('refused');
        $this->assertSame($key->fresh()?->position, null);
    }

    public function test_what_lies_off_the_page_is_brought_back(): void
    {
        $worksheet = Worksheet::factory()
            ->for($this->teacher)
            ->withPagesOf([[new AnswerBox('off', Frame::of(500, 300, 200, 20), prompt: 'Name')]])
            ->create(['name' => 'Tides']);
        $this->get($this->url($worksheet))->assertSee('Bring it back');
        foreach ([['code' => 'off-page'], ['code' => 'no-name', 'page' => 1, 'element' => 'off']] as $other) {
            $this->post($this->url($worksheet), $other)->assertSessionHas('done', 'That is mended already.');
        }
        $this->post($this->url($worksheet), ['code' => 'off-page', 'page' => 1, 'element' => 'off'])
            ->assertSessionHas('done', fn (string $said): bool => str_contains($said, 'Brought back'));
        $page = $worksheet->pages()->sole()->current->page();
        $this->assertSame($page->size->width, $page->element('off')?->frame()->right());
        $this->get($this->url($worksheet))->assertSee('Nothing to mend.');
    }

    public function test_the_name_of_a_file_is_turned_into_a_title_where_it_says_one(): void
    {
        $box = new AnswerBox('a', Frame::of(50, 300, 200, 20), prompt: 'Name');
        $worksheet = Worksheet::factory()
            ->for($this->teacher)
            ->withPagesOf([[$box]])
            ->create(['name' => 'tide-times (2).pdf']);
        $this->assertReads('Call it “Tide times”', $this->get($this->url($worksheet)));
        $this->post($this->url($worksheet), ['code' => 'file-name'])->assertSessionHas('done');
        $this->assertSame('Tide times', $worksheet->refresh()->name);
        $this->get($this->url($worksheet))->assertDontSee('is the name of a file');

        $worksheet->update(['name' => 'IMG_20260312_093012.jpg']);
        $this->get($this->url($worksheet))->assertSee('is the name of a file')->assertDontSee('Call it');
    }

    public function test_a_page_that_weighs_much_on_every_device_is_told(): void
    {
        $hash = str_repeat('ab', 32);
        StoredFile::create(['sha256' => $hash, 'bytes' => 2_400_000, 'media_type' => 'image/jpeg']);
        $sheet = Worksheet::factory()
            ->withPages(new Picture('a', Frame::of(50, 100, 200, 180), $hash, 'Our harbour'))
            ->create(['teacher_id' => $this->pack->teacher_id]);
        $this->get("/worksheets/{$sheet->id}/check")
            ->assertSee('each device loads 2.4 MB for it, 72 MB for a class of 30.');
    }

    public function test_where_the_whole_master_is_handed_out_its_sets_are_offered_instead(): void
    {
        $set = app(CutPageSet::class)($this->pack, [6], 'Tide table');
        $page = $this->get("/worksheets/{$this->pack->id}/hand-out");
        $this->assertReads('is one of them meant?', $page);
        $page->assertSee(route('handouts.create', $set), false);
        $this->get("/worksheets/{$set->id}/hand-out")->assertDontSee('is one of them meant?');
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

    private function url(Worksheet $worksheet): string
    {
        return "/worksheets/{$worksheet->id}/check";
    }
}
