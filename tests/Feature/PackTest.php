<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use OpenSlate\Elements\Label;
use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\Role;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\DemoPack;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** A bought pack: what its pages are for, and its sets, many at once. */
final class PackTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Worksheet $pack;

    protected function setUp(): void
    {
        parent::setUp();
        $teacher = Teacher::factory()->create();
        $this->pack = DemoPack::of($teacher);
        $this->actingAs($teacher, 'teacher');
    }

    public function test_pages_come_with_their_role_and_section_and_the_reason(): void
    {
        $page = $this->pack->pages()->where('position', 18)->sole();
        $this->assertSame([Role::Key, 'titled “Answer key”', null], [$page->role, $page->role_reason, $page->section]);
        $this->assertSame('Activity 3', $this->pack->pages()->where('position', 10)->sole()->section);
        $this->get("/worksheets/{$this->pack->id}")
            ->assertOk()
            ->assertSee('answer key')
            ->assertSee('Activity 7')
            ->assertSee('https://films.example/harbour-tides');
    }

    public function test_the_teacher_corrects_many_at_once(): void
    {
        $answer = $this->arrange(['kind' => 'role', 'role' => 'guide', 'pages' => $this->ids(9, 10)])->assertOk();

        $this->assertSame([Role::Guide, Role::Guide], [$this->page(9)->role, $this->page(10)->role]);
        $this->assertSame(1, preg_match_all('/bracket__name"[^>]*>Activity 3</', (string) $answer->json('html')));
        // A page that is for students after all goes on the section before it.
        $this->arrange(['kind' => 'role', 'role' => 'student', 'pages' => $this->ids(18)])->assertOk();
        $this->assertSame('Activity 7', $this->page(18)->section);
        $this->arrange(['kind' => 'role', 'role' => 'poster', 'pages' => $this->ids(1)])->assertUnprocessable();
        $this->arrange(['kind' => 'role', 'role' => 'key', 'pages' => []])->assertUnprocessable();
    }

    public function test_a_section_starts_where_it_is_told_to_and_is_renamed_there(): void
    {
        $this->arrange(['kind' => 'section', 'page' => $this->page(10)->id, 'name' => 'More food'])
            ->assertOk()
            ->assertSee('More food');
        $this->assertSame(['Activity 3', 'More food', 'More food', 'Activity 4'], $this->sections(9, 10, 11, 12));
        $this->arrange(['kind' => 'section', 'page' => $this->page(12)->id, 'name' => 'Boats'])->assertOk();
        $this->assertSame(['Boats'], $this->sections(12));
    }

    public function test_the_start_of_a_section_is_moved_and_it_is_joined_to_the_one_before(): void
    {
        $id = fn (int $number): int => $this->page($number)->id;
        $this->arrange(['kind' => 'section', 'page' => $id(10), 'name' => 'More food'])->assertOk();
        $this->arrange(['kind' => 'boundary', 'from' => $id(10), 'to' => $id(11)])->assertOk();
        $this->assertSame(['Activity 3', 'Activity 3', 'More food', 'Activity 4'], $this->sections(9, 10, 11, 12));
        $this->arrange(['kind' => 'join', 'page' => $id(11)])->assertOk();
        $this->assertSame(['Activity 3', 'Activity 3', 'Activity 3'], $this->sections(9, 10, 11));
    }

    public function test_a_section_that_cannot_be_is_refused_in_words(): void
    {
        $id = fn (int $number): int => $this->page($number)->id;
        $this->arrange(['kind' => 'boundary', 'from' => $id(9), 'to' => $id(12)])
            ->assertUnprocessable()
            ->assertSee('cannot start beyond its own last page');
        $this->arrange(['kind' => 'boundary', 'from' => $id(10), 'to' => $id(11)])
            ->assertUnprocessable()
            ->assertSee('No section starts at page 10.');
        $this->arrange(['kind' => 'section', 'page' => 999999, 'name' => 'x'])->assertUnprocessable();
        $this->arrange(['kind' => 'section', 'page' => $id(6), 'name' => str_repeat('x', 61)])->assertUnprocessable();
    }

    public function test_what_was_done_to_sections_is_undone_step_by_step_and_done_again(): void
    {
        $id = fn (int $number): int => $this->page($number)->id;
        $this->arrange(['kind' => 'section', 'page' => $id(10), 'name' => 'More food'])->assertOk();
        $this->arrange(['kind' => 'section', 'page' => $id(12), 'name' => 'Boats'])->assertOk();
        $this->arrange(['kind' => 'join', 'page' => $id(10)])->assertOk();
        for ($step = 0; $step < 3; $step++) {
            $this->change('undo')->assertOk();
        }
        $this->assertSame(['Activity 3', 'Activity 3', 'Activity 3', 'Activity 4'], $this->sections(9, 10, 11, 12));
        $this->change('undo')->assertUnprocessable()->assertSee('nothing to undo');
        $this->change('redo')
            ->assertOk()
            ->assertJson(['undo' => true, 'redo' => true]);
        $this->assertSame('More food', $this->page(10)->section);
    }

    /** @return list<string|null> of pages, by their numbers */
    private function sections(int ...$numbers): array
    {
        return array_values(array_map(fn (int $number): ?string => $this->page($number)->section, $numbers));
    }

    public function test_a_role_that_is_not_certain_is_said_to_be_likely_until_the_teacher_has_said_it(): void
    {
        $page = fn (): string => (string) $this->get("/worksheets/{$this->pack->id}")->getContent();
        $this->assertStringNotContainsString('To look at', $page());
        $this->page(9)->update(['role_confidence' => 0.74]);
        $this->page(10)->update(['role_confidence' => 0.75]);

        $this->assertMatchesRegularExpression('/To look at: page 9\./', $page());
        $this->assertSame(1, substr_count($page(), 'likely for students'));

        $answer = $this->arrange(['kind' => 'role', 'role' => 'guide', 'pages' => $this->ids(9)])->assertOk();
        $this->assertStringNotContainsString('To look at', (string) $answer->json('doubts'));
        $this->change('undo')->assertOk();
        $this->assertSame(0.74, $this->page(9)->role_confidence);
    }

    public function test_a_role_is_offered_for_the_pages_that_look_the_same_and_taken_in_one_press(): void
    {
        $offer = $this->offer(['kind' => 'role', 'role' => 'guide', 'pages' => $this->ids(9)]);
        $this->assertNotSame([], $offer['pages']);
        $this->assertNotContains($this->page(9)->id, $offer['pages']);

        $answer = $this->arrange($offer)->assertOk();
        $this->assertNull($answer->json('alike'), 'Nothing is left to offer.');
        foreach ($offer['pages'] as $id) {
            $this->assertSame(Role::Guide, WorksheetPage::findOrFail($id)->role);
        }
        // What the teacher has said of a page is not offered to be said otherwise.
        $this->assertNull($this->arrange(['kind' => 'role', 'role' => 'key', 'pages' => $this->ids(9)])->json('alike'));
    }

    public function test_that_keys_go_to_students_is_never_offered(): void
    {
        $alike = $this->offer(['kind' => 'role', 'role' => 'key', 'pages' => $this->ids(9)])['pages'];
        $this->change('undo')->assertOk();
        WorksheetPage::whereKey([$this->page(9)->id, ...$alike])->update(['role' => 'key']);
        $this->pack->arrangements()->delete();
        $this->pack->update(['arranged' => 0]);

        $said = ['kind' => 'role', 'role' => 'student', 'pages' => $this->ids(9)];
        $this->assertNull($this->arrange($said)->assertOk()->json('alike'));
    }

    public function test_a_section_that_is_named_offers_those_that_are_counted_the_same(): void
    {
        WorksheetPage::whereKey($this->ids(...range(6, 17)))->update(['section' => null]);
        $offer = $this->offer(['kind' => 'section', 'page' => $this->page(6)->id, 'name' => 'Activity 1']);
        $this->assertSame(
            ['Activity 2', 'Activity 3', 'Activity 4', 'Activity 5', 'Activity 6', 'Activity 7'],
            array_column($offer['starts'], 'name'),
        );

        $this->arrange($offer)->assertOk();
        $this->assertSame(['Activity 1', 'Activity 3', 'Activity 3', 'Activity 7'], $this->sections(6, 9, 11, 16));
        $this->arrange(['kind' => 'sections', 'starts' => [['page' => 999999, 'name' => 'x']]])->assertUnprocessable();
        $this->arrange(['kind' => 'sections', 'starts' => [['page' => 'x']]])->assertUnprocessable();
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed> the change that is offered after it
     */
    private function offer(array $change): array
    {
        $drawn = (string) $this->arrange($change)->assertOk()->json('alike');
        $this->assertSame(1, preg_match('/data-change="([^"]+)"/', $drawn, $match), $drawn);

        return json_decode(html_entity_decode($match[1]), true, flags: JSON_THROW_ON_ERROR);
    }

    public function test_keys_are_tied_to_the_pages_they_answer(): void
    {
        $this->get("/worksheets/{$this->pack->id}")->assertSee('answers pages 6–11');
        $this->arrange(['kind' => 'tie', 'keys' => $this->ids(18), 'pages' => $this->ids(16, 17)])
            ->assertOk()
            ->assertSee('answers pages 16, 17');
        $this->assertSame($this->ids(16, 17), $this->page(18)->answers);
        $this->arrange(['kind' => 'tie', 'keys' => $this->ids(6), 'pages' => $this->ids(7)])
            ->assertUnprocessable()
            ->assertSee('Page 6 is not marked as an answer key');
        // The tie is to the pages, not to their numbers.
        $this->arrange(['kind' => 'move', 'pages' => $this->ids(16, 17), 'before' => $this->page(1)->id])
            ->assertOk()
            ->assertSee('answers pages 1, 2');
        $this->arrange(['kind' => 'remove', 'pages' => $this->ids(1)])
            ->assertOk()
            ->assertSee('answers page 1<', false);
    }

    public function test_one_set_for_each_section_is_previewed_and_cut_with_no_picture_copied(): void
    {
        $files = StoredFile::count();
        $this->post("/worksheets/{$this->pack->id}/cuts/preview", [
            'by' => 'section',
            'pattern' => '{section} of {master}',
        ])
            ->assertOk()
            ->assertSee('Cut 7 sets')
            ->assertSee('Activity 1 of Harbour')
            ->assertSee('In no set: pages 1–5, 18–20.');
        $this->assertSame(0, $this->pack->sets()->count());

        $this->post("/worksheets/{$this->pack->id}/cuts", [
            'by' => 'section',
            'pattern' => '{section}',
        ])->assertRedirect();
        $this->assertSame(
            ['6, 7', '8', '9–11', '12', '13, 14', '15', '16, 17'],
            $this->pack->sets()->orderBy('id')->pluck('cut_from')->all(),
        );
        $this->assertSame($files, StoredFile::count());
        $this->assertSame(20, $this->pack->pages()->count());
        $this->assertSame(Role::Student, $this->pack->sets()->firstOrFail()->pages()->firstOrFail()->role);
        $this->get("/worksheets/{$this->pack->id}")
            ->assertSee('Cut: 7 sets.')
            ->assertSee('In no set: pages 1–5, 18–20.');
    }

    public function test_every_so_many_pages_for_students(): void
    {
        $this->post("/worksheets/{$this->pack->id}/cuts", ['by' => 'every', 'every' => 5])->assertRedirect();
        $this->assertSame(['6–10', '11–15', '16, 17'], $this->pack->sets()->orderBy('id')->pluck('cut_from')->all());
        $this->assertSame('Harbour, pages 6–10', $this->pack->sets()->orderBy('id')->firstOrFail()->name);
    }

    public function test_twenty_sets_from_sixty_pages_are_all_cut_or_none(): void
    {
        $label = fn (int $n): Label => new Label('n', Frame::of(50, 50, 100, 20), "Page {$n}");
        $master = Worksheet::factory()
            ->for($this->pack->teacher)
            ->withPagesOf(array_map(fn (int $n): array => [$label($n)], range(1, 60)))
            ->create(['name' => 'Workbook']);
        $master->pages()->update(['role' => Role::Student]);
        $body = ['by' => 'every', 'every' => 3, 'pattern' => 'Part {n}'];

        // The name of the last one is made impossible: nothing of the nineteen before it may stay.
        Worksheet::creating(fn (Worksheet $set): bool => $set->name !== 'Part 20' ?: throw new RuntimeException('No.'));
        $this->post("/worksheets/{$master->id}/cuts", $body)->assertServerError();
        $this->assertSame(0, $master->sets()->count());
        Worksheet::flushEventListeners();
        $files = StoredFile::count();
        $this->post("/worksheets/{$master->id}/cuts", $body)->assertRedirect();
        $this->assertSame(20, $master->sets()->count());
        $this->assertSame(
            ['58–60', 3],
            [
                $master->sets()->where('name', 'Part 20')->sole()->cut_from,
                $master->sets()->where('name', 'Part 20')->sole()->pages()->count(),
            ],
        );
        $this->assertSame(
            'Page 60',
            $master
                ->sets()
                ->where('name', 'Part 20')
                ->sole()
                ->pages()
                ->where('position', 3)
                ->sole()
                ->current->page()
                ->element('n')?->text,
        );
        $this->assertSame($files, StoredFile::count());
    }

    public function test_what_makes_no_sense_is_said_and_cuts_nothing(): void
    {
        $this->postJson("/worksheets/{$this->pack->id}/cuts/preview", [
            'by' => 'every',
            'every' => 0,
        ])->assertUnprocessable();
        $this->postJson("/worksheets/{$this->pack->id}/cuts/preview", ['by' => 'luck'])->assertUnprocessable();
        $this->arrange(['kind' => 'role', 'role' => 'key', 'pages' => $this->ids(...range(1, 20))])->assertOk();
        $this->post("/worksheets/{$this->pack->id}/cuts", ['by' => 'section'])->assertSessionHasErrors('by');
        $this->assertSame(0, $this->pack->sets()->count());
    }

    private function page(int $number): WorksheetPage
    {
        return $this->pack->pages()->where('position', $number)->sole();
    }

    /** @return list<int> */
    private function ids(int ...$numbers): array
    {
        return array_values(array_map(fn (int $number): int => $this->page($number)->id, $numbers));
    }

    /**
     * @param  array<string, mixed>  $change
     * @return TestResponse<Response>
     */
    private function arrange(array $change): TestResponse
    {
        return $this->change('arrange', $change);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function change(string $what, array $body = []): TestResponse
    {
        return $this->postJson(
            "/worksheets/{$this->pack->id}/pages/{$what}",
            ['base' => $this->pack->refresh()->arranged] + $body,
        );
    }
}
