<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use OpenSlate\Boards\BoardRefused;
use OpenSlate\Boards\ChoiceBoard;
use OpenSlate\Packs\Role;

/** Makes a set from a choice board: the board first, then the pages of what is on it, and no others. */
final class MakeBoard
{
    public function __construct(private DrawBoard $draw, private CopyPages $copy)
    {
    }

    /** @throws BoardRefused */
    public function __invoke(Worksheet $master, ChoiceBoard $board, string $name): Worksheet
    {
        $board->check();

        return DB::transaction(function () use ($master, $board, $name): Worksheet {
            $pages = WorksheetPage::with('current')
                ->whereNotNull('position')
                ->whereIn('id', $board->pages())
                ->get()
                ->keyBy('id');
            $chosen = array_values(
                array_filter(array_map(fn (int $id): ?WorksheetPage => $pages->get($id), $board->pages())),
            );
            $set = $master->beginSet(
                $this->numbers($master, $chosen),
                $name,
                count($chosen) + 1,
                $board->encode(),
            );
            // What comes from several worksheets may get another anchor here: the board is drawn when they have theirs.
            ($this->copy)($chosen, $set, tied: true, from: 2);
            $anchors = $set->pages()->pluck('anchor', 'source_page_id')->all();
            $first = WorksheetPage::begin($set->id, ($this->draw)($master, $board, $anchors), [
                'position' => 1,
                'role' => Role::Student,
                'role_reason' => 'the choice board',
            ]);
            $set->update(['board_page_id' => $first->id]);

            return $set;
        });
    }

    /**
     * @param  list<WorksheetPage>  $pages
     * @return list<int>
     */
    private function numbers(Worksheet $master, array $pages): array
    {
        $own = array_filter($pages, fn (WorksheetPage $page): bool => $page->worksheet_id === $master->id);

        return array_values(array_map(fn (WorksheetPage $page): int => $page->number(), $own));
    }
}
