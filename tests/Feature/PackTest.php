<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Trim\Role;
use Tests\TestCase;

/** A bought pack: what its pages are for, and its sets, many at once. */
final class PackTest extends TestCase
{
    use RefreshDatabase;

    private Worksheet $pack;

    protected function setUp(): void
    {
        parent::setUp();
        $teacher = Teacher::factory()->create();
        $this->pack = app(BringInFile::class)($teacher, database_path('demo/working-harbour-pack.pdf'), 'pack.pdf')->refresh();
        $this->actingAs($teacher, 'teacher');
    }

    public function test_pages_come_with_their_role_and_section_and_the_reason(): void
    {
        $page = $this->pack->pages()->where('position', 18)->sole();
        $this->assertSame([Role::Key, 'titled “Answer key”', null], [$page->role, $page->role_reason, $page->section]);
        $this->assertSame('Activity 3', $this->pack->pages()->where('position', 10)->sole()->section);
        $this->get("/worksheets/{$this->pack->id}")->assertOk()->assertSee('answer key')->assertSee('Activity 7')->assertSee('https://films.example/harbour-tides');
    }

    public function test_the_teacher_corrects_many_at_once(): void
    {
        $answer = $this->putJson("/worksheets/{$this->pack->id}/roles", ['role' => 'guide', 'pages' => [9, 10]])->assertOk();

        $this->assertSame([Role::Guide, Role::Guide], $this->pack->pages()->whereIn('position', [9, 10])->get()->pluck('role')->all());
        $this->assertSame(1, substr_count((string) $answer->getContent(), 'Activity 3</span>'));
        // A page that is for students after all goes on the section before it.
        $this->putJson("/worksheets/{$this->pack->id}/roles", ['role' => 'student', 'pages' => [18]])->assertOk();
        $this->assertSame('Activity 7', $this->pack->pages()->where('position', 18)->sole()->section);
        $this->putJson("/worksheets/{$this->pack->id}/roles", ['role' => 'poster', 'pages' => [1]])->assertUnprocessable();
        $this->putJson("/worksheets/{$this->pack->id}/roles", ['role' => 'key', 'pages' => []])->assertUnprocessable();
    }

    public function test_sections_are_split_renamed_and_joined(): void
    {
        $url = "/worksheets/{$this->pack->id}/sections";
        $section = fn (int $page): ?string => $this->pack->pages()->where('position', $page)->sole()->section;

        $this->putJson($url, ['page' => 10, 'name' => 'More food'])->assertOk()->assertSee('More food');
        $this->assertSame(['Activity 3', 'More food', 'More food', 'Activity 4'], array_map($section, [9, 10, 11, 12]));
        $this->putJson($url, ['page' => 12, 'name' => 'Boats'])->assertOk();
        $this->assertSame('Boats', $section(12));
        $this->putJson($url, ['page' => 11])->assertOk();
        $this->assertSame(['Activity 3', 'Activity 3', 'Activity 3'], array_map($section, [9, 10, 11]));
        $this->putJson($url, ['page' => 99, 'name' => 'x'])->assertUnprocessable();
        $this->putJson($url, ['page' => 6, 'name' => str_repeat('x', 61)])->assertUnprocessable();
    }

    public function test_one_set_for_each_section_is_previewed_and_cut_with_no_picture_copied(): void
    {
        $files = StoredFile::count();
        $this->post("/worksheets/{$this->pack->id}/cuts/preview", ['by' => 'section', 'pattern' => '{section} of {master}'])
            ->assertOk()->assertSee('Cut 7 sets')->assertSee('Activity 1 of Pack')->assertSee('In no set: pages 1–5, 18–20.');
        $this->assertSame(0, $this->pack->sets()->count());

        $this->post("/worksheets/{$this->pack->id}/cuts", ['by' => 'section', 'pattern' => '{section}'])->assertRedirect();
        $this->assertSame(['6, 7', '8', '9–11', '12', '13, 14', '15', '16, 17'], $this->pack->sets()->orderBy('id')->pluck('cut_from')->all());
        $this->assertSame($files, StoredFile::count());
        $this->assertSame(20, $this->pack->pages()->count());
        $this->assertSame(Role::Student, $this->pack->sets()->firstOrFail()->pages()->firstOrFail()->role);
        $this->get("/worksheets/{$this->pack->id}")->assertSee('Cut: 7 sets.')->assertSee('In no set: pages 1–5, 18–20.');
    }

    public function test_every_so_many_pages_for_students(): void
    {
        $this->post("/worksheets/{$this->pack->id}/cuts", ['by' => 'every', 'every' => 5])->assertRedirect();
        $this->assertSame(['6–10', '11–15', '16, 17'], $this->pack->sets()->orderBy('id')->pluck('cut_from')->all());
        $this->assertSame('Pack, pages 6–10', $this->pack->sets()->orderBy('id')->firstOrFail()->name);
    }

    public function test_what_makes_no_sense_is_said_and_cuts_nothing(): void
    {
        $this->postJson("/worksheets/{$this->pack->id}/cuts/preview", ['by' => 'every', 'every' => 0])->assertUnprocessable();
        $this->postJson("/worksheets/{$this->pack->id}/cuts/preview", ['by' => 'luck'])->assertUnprocessable();
        $this->putJson("/worksheets/{$this->pack->id}/roles", ['role' => 'key', 'pages' => range(1, 20)]);
        $this->post("/worksheets/{$this->pack->id}/cuts", ['by' => 'section'])->assertSessionHasErrors('by');
        $this->assertSame(0, $this->pack->sets()->count());
    }
}
