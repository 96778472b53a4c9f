<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\GiveFreshCopies;
use App\Actions\HandBack;
use App\Actions\MoveCopy;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\SchoolClass;
use App\Models\Teacher;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Tests\Support\HandsOutOneSheet;
use Tests\TestCase;

/** What a teacher writes on the pages of a copy beside its places, and of the whole of it. */
final class RemarkTest extends TestCase
{
    use HandsOutOneSheet;
    use RefreshDatabase;

    private const INK = '{"ink":[["red",20,[10,10,50,50]],["light",120,[0,300,900,0]]]}';

    private Teacher $teacher;

    private Teacher $colleague;

    private Copy $copy;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->teacher, $this->colleague] = Teacher::factory()->count(2)->create()->map->refresh()->all();
        $this->handOutOneSheet($this->teacher, ['Ada']);
        SchoolClass::sole()->teachers()->attach($this->colleague);
        $this->copy = Copy::with(['item.edition', 'student'])->sole();
        app(MoveCopy::class)->handIn($this->copy);
    }

    public function test_a_drawing_and_words_at_a_spot_are_kept_and_changed_and_seen_when_handed_back(): void
    {
        $this->draw($this->teacher, self::INK)->assertNoContent();
        $this->draw($this->teacher, self::INK)->assertNoContent();
        $this->say($this->teacher, 'Which table?', 100, 9000)->assertNoContent();
        $note = Comment::whereNotNull('x')->sole();
        $this->assertLessThan(9000, $note->y, 'it is on the page');
        $this->say($this->teacher, 'Which table is it?', 120, 80, $note->id)->assertNoContent();
        $this->assertSame(2, Comment::count());
        $this->actingAs($this->teacher, 'teacher')
            ->get(route('desks.copy', $this->copy))
            ->assertSee('Which table is it?')
            ->assertSee('stroke-opacity="0.45"', false);

        $this->student()->assertDontSee('Which table')->assertDontSee('overwritten');
        app(HandBack::class)($this->copy->item()->sole(), [$this->copy->id], now());
        $this->student()
            ->assertSee('Which table is it?')
            ->assertSee('Your teacher has drawn here')
            ->assertSee('stroke-opacity="0.45"', false);

        $this->draw($this->teacher, '')->assertNoContent();
        $this->say($this->teacher, '', 0, 0, $note->id)->assertNoContent();
        $this->assertSame(0, Comment::count());
    }

    public function test_what_a_colleague_wrote_stays(): void
    {
        $this->draw($this->teacher, self::INK);
        $this->say($this->teacher, 'Mine', 10, 10);
        $this->draw($this->colleague, self::INK);
        $this->say($this->colleague, '', 10, 10, Comment::whereNotNull('x')->sole()->id);
        $this->assertSame(2, Comment::whereNotNull('ink')->count());
        $this->assertSame('Mine', Comment::whereNotNull('x')->sole()->words);
    }

    public function test_what_is_no_drawing_or_on_no_page_is_refused(): void
    {
        $this->draw($this->teacher, '{"ink":[["red",20,"nonsense"]]}')->assertUnprocessable();
        $this->draw($this->teacher, self::INK, 7)->assertUnprocessable();
        $this->draw($this->teacher, self::INK, 0)->assertUnprocessable();
        $this->say($this->teacher, str_repeat('x', 2001), 0, 0)->assertUnprocessable();
        Comment::insert(array_fill(0, Comment::MOST, ['copy_id' => $this->copy->id, 'words' => 'x']));
        $this->say($this->teacher, 'one more', 0, 0)
            ->assertUnprocessable()
            ->assertJsonPath('message', 'One copy holds 300 comments. Take some away first.');
    }

    public function test_it_is_kept_with_a_used_copy_and_back_with_it(): void
    {
        $this->draw($this->teacher, self::INK);
        $this->say($this->teacher, 'Which table?', 100, 100);
        $item = $this->copy->item()->with(['edition.revisions', 'handout'])->sole();
        app(GiveFreshCopies::class)($item, [$this->copy->id]);
        $this->assertSame(0, Comment::count());
        app(GiveFreshCopies::class)->takeBack($item);
        $this->assertSame(['Which table?'], Comment::whereNotNull('x')->pluck('words')->all());
        $this->assertSame([self::INK], Comment::whereNotNull('ink')->pluck('ink')->all());
    }

    private function draw(Teacher $teacher, string $ink, int $page = 1): TestResponse
    {
        return $this->actingAs($teacher, 'teacher')->putJson(
            route('remarks.ink', [$this->copy, $page]),
            ['ink' => $ink],
        );
    }

    private function say(Teacher $teacher, string $words, float $x, float $y, ?int $comment = null): TestResponse
    {
        return $this->actingAs($teacher, 'teacher')->postJson(
            route('remarks.spot', [$this->copy, 1]),
            ['words' => $words, 'x' => $x, 'y' => $y, 'comment' => $comment],
        );
    }

    private function student(): TestResponse
    {
        return $this->actingAs($this->copy->student ?? $this->fail(), 'student')
            ->get(route('copies.show', $this->copy))
            ->assertOk();
    }
}
