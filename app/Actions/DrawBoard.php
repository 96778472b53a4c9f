<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Database\Eloquent\Collection;
use OpenSlate\Boards\BoardPage;
use OpenSlate\Boards\BoardTile;
use OpenSlate\Boards\ChoiceBoard;
use OpenSlate\Boards\ChoiceOption;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Packs\Role;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Size;

/** Draws a choice board as a page, with the first page of each option for its picture. */
final class DrawBoard
{
    /**
     * @param  array<int, string>  $anchors  of the pages in the set, by the page they were cut from; that page's own
     *                                       where there is none
     * @param  Page|null  $now  the page as it is, whose paper and whose other elements stay; null draws a new one
     */
    public function __invoke(Worksheet $master, ChoiceBoard $board, array $anchors = [], ?Page $now = null): Page
    {
        $pages = $this->pages($master, $board);
        $tiles = array_map(function (?ChoiceOption $option) use ($pages, $anchors): ?BoardTile {
            $first = $option === null ? null : $pages->get($option->pages[0] ?? 0);
            if ($option === null || ! $first instanceof WorksheetPage) {
                return null;
            }
            $page = $first->current->page();
            $frame = $page->backdrop?->frame;

            return new BoardTile(
                $option,
                LinkTarget::page($anchors[$first->id] ?? $first->anchor),
                $page->backdrop,
                $frame === null ? $page->size : Size::of($frame->width, $frame->height),
            );
        }, $board->placed());
        $page = $now ?? new Page($this->paper($master), Colour::white());
        $own = array_values(
            array_filter($page->elements(), fn (Element $element): bool => ! BoardPage::isGenerated($element)),
        );

        return $page->withElements([
            ...BoardPage::draw($board->title, $board->directions, $tiles, $page->size),
            ...$own,
        ]);
    }

    /**
     * @return Collection<int, WorksheetPage> by id, of the teacher's worksheets alone; those of a worksheet in the bin
     *                                        are still there
     */
    private function pages(Worksheet $master, ChoiceBoard $board): Collection
    {
        return WorksheetPage::query()
            ->with('current')
            ->whereIn('id', $board->pages())
            ->whereIn('worksheet_id', Worksheet::withTrashed()->where('teacher_id', $master->teacher_id)->select('id'))
            ->get()
            ->keyBy('id');
    }

    /** The paper that the master's pages for students have. */
    public function paper(Worksheet $master): Size
    {
        $first =
            $master->pages()->with('current')->where('role', Role::Student)->first() ??
            $master->pages()->with('current')->first();

        return $first?->current->page()->size ?? Size::ofPaper(PaperSize::A4);
    }
}
