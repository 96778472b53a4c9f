<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Link;
use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\Role;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\DemoPack;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** A colleague's master: looked at, taken as one's own, and then two that never touch again. */
final class SharingTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Teacher $owner;

    private Teacher $colleague;

    private Worksheet $pack;

    protected function setUp(): void
    {
        parent::setUp();
        $this->owner = Teacher::factory()->create(['name' => 'Ms Marlow']);
        $this->colleague = Teacher::factory()->create(['name' => 'Mr Okafor']);
        $this->pack = DemoPack::of($this->owner);
    }

    public function test_nobody_else_sees_what_was_not_shared_nor_its_pictures(): void
    {
        $this->looks($this->colleague)->assertForbidden();
        $this->get($this->picture())->assertForbidden();
    }

    public function test_chosen_colleagues_see_it_and_no_others(): void
    {
        $this->share(['with' => 'chosen', 'teachers' => [$this->colleague->id]])->assertSessionHasNoErrors();
        $this->as($this->colleague)->get('/colleagues')->assertSee('Harbour')->assertSee('Ms Marlow');
        $this->looks($this->colleague)->assertOk()->assertSee('answer key')->assertSee('Activity 7');
        $this->get($this->picture())->assertOk();
        $this->looks(Teacher::factory()->create())->assertForbidden();
    }

    public function test_it_is_shared_with_nobody_who_is_not_here(): void
    {
        $this->colleague->update(['left_at' => now()]);
        $this->share(['with' => 'chosen', 'teachers' => [$this->colleague->id]])->assertSessionHasErrors('with');
    }

    public function test_they_can_look_and_change_nothing(): void
    {
        $this->share(['with' => 'chosen', 'teachers' => [$this->colleague->id]]);
        $this->as($this->colleague);
        foreach (['', '/boxes', '/sharing'] as $own) {
            $this->get("/worksheets/{$this->pack->id}{$own}")->assertForbidden();
        }
        $this->postJson("/worksheets/{$this->pack->id}/pages/duplicate", ['base' => 0, 'pages' => [1]])
            ->assertForbidden();
    }

    public function test_all_of_the_school_sees_it_until_it_is_taken_back(): void
    {
        $this->share(['with' => 'school']);
        $this->looks(Teacher::factory()->create())->assertOk();
        $this->share(['with' => 'nobody']);
        $this->looks($this->colleague)->assertForbidden();
        $this->get('/colleagues')->assertDontSee('Harbour')->assertSee('Nobody shares anything');
        $this->get($this->picture())->assertForbidden();
    }

    /** @return TestResponse<Response> */
    private function looks(Teacher $teacher): TestResponse
    {
        return $this->as($teacher)->get("/colleagues/{$this->pack->id}");
    }

    private function picture(): string
    {
        return "/backdrops/{$this->pack->pages()->firstOrFail()->backdrop?->source}/1/thumbnail";
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
    private function share(array $with): TestResponse
    {
        return $this->as($this->owner)->put("/worksheets/{$this->pack->id}/sharing", $with);
    }
}
