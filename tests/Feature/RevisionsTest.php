<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\FreezeEdition;
use App\Actions\ThinRevisions;
use App\Actions\UndoEdit;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use OpenSlate\Edit\Elements\Move;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use Tests\TestCase;

/** Revisions take little room, and old ones go by a rule. */
final class RevisionsTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_revision_of_a_full_page_takes_a_tenth_of_what_it_says(): void
    {
        $boxes = array_map(
            fn (int $n): AnswerBox => new AnswerBox(
                "b{$n}",
                Frame::of(10 + ($n % 9) * 60, 10 + intdiv($n, 9) * 13, 55, 12),
                prompt: "Question {$n}",
            ),
            range(0, 499),
        );
        $page = $this->page(...$boxes);
        $kept = (string) DB::table('page_revisions')->where('page_id', $page->id)->value('content');

        $this->assertGreaterThan(60000, strlen($page->current->content));
        $this->assertLessThan(strlen($page->current->content) / 8, strlen($kept));
        $this->assertEquals($boxes, $page->current->page()->elements());
    }

    public function test_old_revisions_go_what_is_named_stays_and_undo_goes_round_the_gaps(): void
    {
        $page = $this->page(new AnswerBox('a', Frame::of(50, 50, 100, 20)));
        $this->travel(-30)->days();
        foreach (range(1, 4) as $n) {
            $this->move($page);
        }
        app(FreezeEdition::class)($page->worksheet);
        $this->move($page);
        $this->move($page);
        $this->travelBack();
        $this->move($page);
        DB::table('page_revisions')
            ->where('number', 1)
            ->update(['created_at' => now()->subDays(31)]);

        $this->assertSame(4, app(ThinRevisions::class)());
        $this->assertSame(
            [1, 5, 7, 8],
            $page->revisions()->orderBy('number')->pluck('number')->all(),
            'the first, the one handed out, the last of the day, the one in force',
        );
        $this->assertSame(0, app(ThinRevisions::class)());

        $where = fn (): float => $page->refresh()->current->page()->elements()[0]->frame()->x;
        $this->assertSame(57.0, $where());
        foreach ([56.0, 54.0, 50.0] as $x) {
            app(UndoEdit::class)($page->refresh(), $page->revision);
            $this->assertSame($x, $where());
        }
    }

    private function move(WorksheetPage $page): void
    {
        app(ApplyEdit::class)($page->refresh(), $page->revision, new Move(Selection::of(['a']), 1, 0));
    }

    private function page(AnswerBox ...$boxes): WorksheetPage
    {
        return Worksheet::factory()->withPages(...$boxes)->create()->pages()->sole();
    }
}
