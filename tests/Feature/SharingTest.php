<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Link;
use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\Role;
use Tests\TestCase;

/** A colleague's master: looked at, taken as one's own, and then two that never touch again. */
final class SharingTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $owner;

    private Teacher $colleague;

    private Worksheet $pack;

    protected function setUp(): void
    {
        parent::setUp();
        $this->owner = Teacher::factory()->create(['name' => 'Ms Marlow']);
        $this->colleague = Teacher::factory()->create(['name' => 'Mr Okafor']);
        $this->pack = app(BringInFile::class)(
            $this->owner,
            database_path('demo/working-harbour-pack.pdf'),
            'harbour.pdf',
        )->refresh();
    }

    public function test_it_is_seen_by_those_it_is_shared_with_and_only_to_look_at(): void
    {
        $picture = "/backdrops/{$this->pack->pages()->firstOrFail()->backdrop?->source}/1/thumbnail";
        $this->as($this->colleague)
            ->get("/colleagues/{$this->pack->id}")
            ->assertForbidden();
        $this->get($picture)->assertForbidden();
        $this->share(['with' => 'chosen', 'teachers' => [$this->colleague->id]])->assertSessionHasNoErrors();

        $this->as($this->colleague)->get('/colleagues')->assertSee('Harbour')->assertSee('Ms Marlow');
        $this->get("/colleagues/{$this->pack->id}")
            ->assertOk()
            ->assertSee('answer key')
            ->assertSee('Activity 7');
        $this->get($picture)->assertOk();
        foreach (
            [
                "/worksheets/{$this->pack->id}",
                "/worksheets/{$this->pack->id}/boxes",
                "/worksheets/{$this->pack->id}/sharing",
            ] as $own
        ) {
            $this->get($own)->assertForbidden();
        }
        $this->postJson("/worksheets/{$this->pack->id}/pages/duplicate", [
            'base' => 0,
            'pages' => [1],
        ])->assertForbidden();
        $this->as(Teacher::factory()->create())
            ->get("/colleagues/{$this->pack->id}")
            ->assertForbidden();

        $this->share(['with' => 'school']);
        $this->as(Teacher::factory()->create())
            ->get("/colleagues/{$this->pack->id}")
            ->assertOk();
        $this->share(['with' => 'nobody']);
        $this->as($this->colleague)
            ->get("/colleagues/{$this->pack->id}")
            ->assertForbidden();
        $this->get('/colleagues')->assertDontSee('Harbour')->assertSee('Nobody shares anything');
        $this->get($picture)->assertForbidden();
    }

    public function test_nobody_chosen_is_said_and_what_is_in_the_bin_is_not_shared(): void
    {
        $this->share(['with' => 'chosen', 'teachers' => [$this->owner->id]])->assertSessionHasErrors('with');
        $this->share(['with' => 'everyone'])->assertSessionHasErrors('with');
        $this->share(['with' => 'school']);
        $this->pack->delete();
        $this->as($this->colleague)->get('/colleagues')->assertDontSee('Harbour');
        $this->get("/colleagues/{$this->pack->id}")->assertNotFound();
    }

    public function test_taken_as_ones_own_the_two_never_touch_again(): void
    {
        $page = $this->pack->pages()->where('position', 6)->sole();
        app(ApplyEdit::class)($page, $page->revision, new Place([new AnswerBox('a', Frame::of(50, 50, 100, 20))]));
        $this->share(['with' => 'school']);
        $files = StoredFile::count();
        $this->as($this->colleague)
            ->post("/colleagues/{$this->pack->id}", ['name' => ' '])
            ->assertSessionHasErrors('name');
        $this->post("/colleagues/{$this->pack->id}", ['name' => 'Harbour for Curlew'])->assertRedirect();

        $own = $this->colleague->worksheets()->sole();
        $this->assertSame(
            ['Harbour for Curlew', 20, true, false],
            [$own->name, $own->pages_total, $own->isMaster(), $own->shared_with_school],
        );
        $this->assertSame($files, StoredFile::count());
        $copied = $own->pages()->where('position', 6)->sole();
        $this->assertNotNull($copied->current->page()->element('a'));
        $key = $own->pages()->where('position', 18)->sole();
        $this->assertSame(Role::Key, $key->role);
        $this->assertSame(
            $own
                ->pages()
                ->whereBetween('position', [6, 11])
                ->pluck('id')
                ->all(),
            $key->answers,
            'its keys are tied to its own pages',
        );
        $this->assertNotEmpty(
            array_filter(
                $own->pages()->with('current')->get()->all(),
                fn ($row): bool => array_filter(
                    $row->current->page()->elements(),
                    fn ($element): bool => $element instanceof Link,
                ) !== [],
            ),
        );

        // Neither hears of the other's changes, and withdrawing takes nothing away.
        app(ApplyEdit::class)(
            $page->refresh(),
            $page->revision,
            new Place([new AnswerBox('b', Frame::of(50, 90, 100, 20))]),
        );
        $this->assertSame(0, $this->pack->behind()->count());
        $this->share(['with' => 'nobody']);
        $this->as($this->colleague)
            ->get("/worksheets/{$own->id}")
            ->assertOk();
        $this->get("/backdrops/{$copied->backdrop?->source}/6/thumbnail")->assertOk();
        $this->assertNull($copied->refresh()->current->page()->element('b'));
    }

    private function as(Teacher $teacher): self
    {
        $this->app?->make('auth')->forgetGuards();

        return $this->actingAs($teacher, 'teacher');
    }

    /** @param  array<string, mixed>  $with */
    private function share(array $with): \Illuminate\Testing\TestResponse
    {
        return $this->as($this->owner)->put("/worksheets/{$this->pack->id}/sharing", $with);
    }
}
