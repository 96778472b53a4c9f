<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Elements\Link;
use OpenSlate\Handout\Mode;
use Tests\Support\DemoPack;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** Links that were printed in a pack work in the copies, unless the teacher switched them off. */
final class LinksTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private const FILMS = 'href="https://films.example/harbour-tides"';

    private Teacher $teacher;

    private Worksheet $pack;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->pack = DemoPack::of($this->teacher);
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_they_come_with_their_words_their_target_and_their_place(): void
    {
        $page = $this->pack
            ->pages()
            ->with('current')
            ->get()
            ->first(fn ($page): bool => $page->current->page()->links() !== []);
        $link = $page?->current->page()->links()[0];
        $this->assertInstanceOf(Link::class, $link);
        $this->assertTrue($link->printed && $link->on);
        $this->assertNotSame('', $link->text);
        $this->get("/worksheets/{$this->pack->id}")
            ->assertSee($link->text)
            ->assertSee($link->target->address);
        $this->assertSame(1, $page->revision, 'they are part of the page as it came');
    }

    public function test_in_the_copies_they_open_in_a_window_of_their_own_that_cannot_reach_back(): void
    {
        [$copy, $reading] = $this->handOut();
        foreach (["/my/copies/{$copy->id}", "/my/readings/{$reading->id}"] as $url) {
            $this->assertMatchesRegularExpression(
                '~'.self::FILMS.'\s+target="_blank" rel="noopener noreferrer"~',
                (string) $this->get($url)->assertOk()->getContent(),
            );
        }
    }

    public function test_switched_off_they_are_print_and_on_again_they_are_links(): void
    {
        $page = $this->pack
            ->pages()
            ->with('current')
            ->get()
            ->sole(fn ($page): bool => str_contains($page->current->content, 'harbour-tides'));
        $ids = $this->pack->pages()->pluck('id')->all();
        $link = collect($page->current->page()->links())->sole(
            fn (Link $link): bool => str_contains($link->target->address, 'harbour-tides'),
        );
        $switch = fn (bool $on, ?string $link, array $pages) => $this->postJson(
            "/worksheets/{$this->pack->id}/pages/links",
            ['base' => $this->pack->refresh()->arranged, 'on' => $on, 'link' => $link, 'pages' => $pages],
        );
        $switch(false, $link->id, [$page->id])
            ->assertOk()
            ->assertSee('1 switched off');
        $switch(false, null, $ids)->assertOk();
        $switch(true, 'nothing', [$page->id])->assertUnprocessable();
        [$copy] = $this->handOut();
        $this->get("/my/copies/{$copy->id}")
            ->assertOk()
            ->assertDontSee('target="_blank"', false);

        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($this->teacher, 'teacher');
        $switch(true, $link->id, [$page->id])->assertOk();
        [$copy] = $this->handOut();
        $this->get("/my/copies/{$copy->id}")->assertSee(self::FILMS, false);
    }

    /** @return array{Copy, HandoutItem} */
    private function handOut(): array
    {
        $class = SchoolClass::factory()->of($this->teacher)->create();
        $student = Student::factory()->create()->refresh();
        $class->students()->attach($student);
        $handout = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan(
                'T',
                '',
                null,
                null,
                [[$this->pack->refresh(), Mode::OwnCopy], [$this->pack, Mode::ReadOnly]],
                [$class],
            ),
        );
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($student, 'student');

        return [Copy::latest('id')->firstOrFail(), $handout->items()->where('mode', Mode::ReadOnly)->sole()];
    }
}
