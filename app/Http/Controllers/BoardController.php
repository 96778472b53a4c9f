<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BoardSources;
use App\Actions\ChangeBoard;
use App\Actions\DrawBoard;
use App\Actions\MakeBoard;
use App\Http\Requests\BoardRequest;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\View\BoardForm;
use App\View\JobSheet;
use App\View\Station;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use OpenSlate\Boards\ChoiceBoard;
use OpenSlate\Page\Page;

/** Choice boards: a new one from a worksheet, or that from which a set was made. */
final class BoardController
{
    /** With `with`, ids of worksheets and hyphens between, a new one starts with these as options. */
    public function edit(Request $request, Worksheet $worksheet, DrawBoard $draw): View|RedirectResponse
    {
        $master = $this->master($worksheet);
        if ($worksheet->state !== WorksheetState::Ready) {
            return to_route('worksheets.show', $worksheet);
        }
        if ($master->trashed()) {
            return to_route('worksheets.show', $worksheet)->withErrors([
                'refused' => 'The pages that this board chooses from are in the bin. Put the master back first.',
            ]);
        }
        $worksheet->load(['pages.current', 'sets']);
        $others = BoardSources::others($master, $worksheet);
        $board = $worksheet->choiceBoard() ?? BoardForm::suggested($master, $this->chosen($request, $others));

        return view('bench.board', [
            'job' => JobSheet::of($worksheet, Station::Pages),
            'worksheet' => $worksheet,
            'master' => $master,
            'board' => $board,
            'form' => new BoardForm($board, BoardSources::of($master, $board->others())),
            'others' => $others,
            'page' => $draw($master, $board, [], $this->now($worksheet)),
        ]);
    }

    /** The board drawn as it would be. */
    public function preview(BoardRequest $request, Worksheet $worksheet, DrawBoard $draw): JsonResponse
    {
        $master = $this->master($worksheet);

        return response()->json(['html' => $this->drawn($request->board($master), $worksheet, $master, $draw)]);
    }

    public function store(
        BoardRequest $request,
        Worksheet $worksheet,
        MakeBoard $make,
        ChangeBoard $change,
    ): JsonResponse {
        $master = $this->master($worksheet);
        $board = $request->board($master);
        if ($worksheet->board === null) {
            return response()->json(
                ['url' => route('worksheets.show', $make($worksheet, $board, $this->name($worksheet, $board->title)))],
                201,
            );
        }
        $change($worksheet, $master, $request->integer('base'), $board);

        return response()->json(['url' => route('worksheets.show', $worksheet)]);
    }

    /**
     * @param  Collection<int, Worksheet>  $others
     * @return list<Worksheet>
     */
    private function chosen(Request $request, Collection $others): array
    {
        $with = $request->query('with');
        $ids = is_string($with) ? array_map(intval(...), explode('-', $with)) : [];

        return array_values($others->whereIn('id', $ids)->all());
    }

    private function master(Worksheet $worksheet): Worksheet
    {
        return $worksheet->board === null ? $worksheet : $worksheet->master ?? $worksheet;
    }

    private function now(Worksheet $worksheet): ?Page
    {
        return $worksheet->allPages()->with('current')->whereKey($worksheet->board_page_id)->first()?->current->page();
    }

    private function drawn(ChoiceBoard $board, Worksheet $worksheet, Worksheet $master, DrawBoard $draw): string
    {
        return view('bench.board-page', [
            'board' => $board,
            'page' => $draw($master, $board, [], $this->now($worksheet)),
        ])->render();
    }

    /** The set is named for its board; no two sets of a master have one name. */
    private function name(Worksheet $master, string $title): string
    {
        $taken = $master->sets()->pluck('name');
        $name = $title;
        for ($n = 2; $taken->contains($name); $n++) {
            $name = "{$title} ({$n})";
        }

        return $name;
    }
}
