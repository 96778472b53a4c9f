<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use OpenSlate\Arrange\ArrangedPage;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Arrange\ArrangementRefused;
use OpenSlate\Boards\BoardRefused;
use OpenSlate\Boards\ChoiceBoard;

/**
 * Changes the choice of a set that was made from a board: what is chosen no longer leaves with its pages, what is new
 * comes with its own. Pages that were chosen before come back as the teacher left them; pages that were added by hand,
 * and what lies on the board by hand, stay.
 */
final class ChangeBoard
{
    public function __construct(
        private Rearrange $rearrange,
        private DrawBoard $draw,
        private CopyPage $copy,
        private RevisePage $revise,
    ) {
    }

    /** @throws BoardRefused|StaleArrangement|MasterLocked|ArrangementRefused */
    public function __invoke(Worksheet $set, Worksheet $master, int $base, ChoiceBoard $board): void
    {
        $board->check();
        DB::transaction(function () use ($set, $master, $base, $board): void {
            $before = $set->choiceBoard()?->allPages() ?? [];
            ($this->rearrange)($set, $base, function (Arrangement $is, Worksheet $locked) use (
                $board,
                $before,
                $master,
            ): Arrangement {
                if ($locked->isLocked()) {
                    throw new MasterLocked;
                }
                $rows = $this->chosen($locked, $board);
                $first = $this->redraw(
                    $locked,
                    $master,
                    $board,
                    array_map(fn (WorksheetPage $row): string => $row->anchor, $rows),
                );
                $sources = $locked->allPages()->pluck('source_page_id', 'id')->all();
                $theBoards = [...$before, ...$board->allPages()];
                $now = array_column(array_map(fn (ArrangedPage $page): array => [$page->id, $page], $is->pages), 1, 0);
                $rest = array_filter(
                    $is->pages,
                    fn (ArrangedPage $page): bool => $page->id !== $first->id &&
                        ! in_array($sources[$page->id] ?? null, $theBoards, true),
                );

                return new Arrangement([
                    ($now[$first->id] ?? $first->arranged())->at($first->revision),
                    ...array_values(
                        array_map(fn (WorksheetPage $row): ArrangedPage => $now[$row->id] ?? $row->arranged(), $rows),
                    ),
                    ...array_values($rest),
                ]);
            });
            Worksheet::findOrFail($set->id)->update(['board' => $board->encode()]);
        });
    }

    /** @return array<int, WorksheetPage> the set's pages for what is on the board, by what they are cut from, in order */
    private function chosen(Worksheet $set, ChoiceBoard $board): array
    {
        $here = $set
            ->allPages()
            ->whereIn('source_page_id', $board->pages())
            ->orderByRaw('position is null desc')
            ->get()
            ->keyBy('source_page_id');
        $sources = WorksheetPage::with('current')
            ->whereNotNull('position')
            ->whereIn('id', $board->pages())
            ->get()
            ->keyBy('id');
        $rows = [];
        foreach ($board->pages() as $id) {
            $row = $here->get($id);
            $source = $sources->get($id);
            if ($row === null && $source !== null) {
                $row = ($this->copy)($source, $set, null, [$source->id, $source->revision]);
            }
            if ($row !== null) {
                $rows[$id] = $row;
            }
        }

        return $rows;
    }

    /** @param  array<int, string>  $anchors  by the page that each was cut from */
    private function redraw(Worksheet $set, Worksheet $master, ChoiceBoard $board, array $anchors): WorksheetPage
    {
        $page = $set->allPages()->with('current')->whereKey($set->board_page_id)->firstOrFail();
        $drawn = ($this->draw)($master, $board, $anchors, $page->current->page());
        ($this->revise)($page, $page->revision, fn (PageRevision $now): array => [$now->revision()->edited(), $drawn]);

        return $page->refresh();
    }
}
