<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ApplyEdit;
use App\Actions\MakeRoom;
use App\Actions\PrintedPage;
use App\Actions\UndoEdit;
use App\Models\PageRevision;
use App\Models\WorksheetPage;
use App\View\AskedOnPage;
use App\View\BenchPage;
use App\View\RoomWords;
use App\View\Station;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use OpenSlate\Edit\Format\EditCodec;

/** The pages of the bench: edits come in, the page as it then is goes out drawn. */
final class PageController
{
    public function show(Request $request, WorksheetPage $page): JsonResponse
    {
        return response()->json(Station::named($request->input('station'))->drawn($page));
    }

    /** As it was drawn in one revision, for a small picture of it: that never changes. */
    public function small(WorksheetPage $page, int $number): Response
    {
        return response()
            ->view('bench.small-page', ['page' => $page->revisions()->where('number', $number)->firstOrFail()->page()])
            ->header('Cache-Control', 'private, max-age=31536000, immutable');
    }

    /** The page with the questions of its print, to be marked otherwise. */
    public function questions(WorksheetPage $page): View
    {
        return view('bench.questions', ['row' => $page, 'asked' => AskedOnPage::of($page)]);
    }

    /** The lines that dragged things may hold to; asked for once the page has come to rest. */
    public function guides(WorksheetPage $page): JsonResponse
    {
        return response()->json(BenchPage::of($page)->guides());
    }

    public function edit(Request $request, WorksheetPage $page, ApplyEdit $apply, PrintedPage $printed): JsonResponse
    {
        $new = [];
        $edit = EditCodec::decode(
            $request->json('edit'),
            function () use (&$new): string {
                return $new[] = Str::lower(Str::random(10));
            },
            $printed->on($page),
        );

        return $this->after($page, fn (): PageRevision => $apply($page, $request->integer('base'), $edit), $new);
    }

    public function undo(Request $request, WorksheetPage $page, UndoEdit $undo): JsonResponse
    {
        return $this->after($page, fn (): PageRevision => $undo($page, $request->integer('base')));
    }

    public function redo(Request $request, WorksheetPage $page, UndoEdit $undo): JsonResponse
    {
        return $this->after($page, fn (): PageRevision => $undo->redo($page, $request->integer('base')));
    }

    /** Makes room on a page, or takes it away; what crosses its foot goes on to another page. */
    public function room(Request $request, WorksheetPage $page, MakeRoom $make): JsonResponse
    {
        $request->validate(
            ['at' => ['required', 'numeric'], 'by' => ['required', 'numeric', 'between:-14400,14400']],
            ['*' => 'Say how much room, as a number.'],
        );
        $pages = null;
        $response = $this->after($page, function () use ($request, $page, $make, &$pages): PageRevision {
            $pages = $make($page, $request->integer('base'), $request->float('at'), $request->float('by'));

            return $page->refresh()->current;
        });

        return $pages === null
            ? $response
            : $response->setData((array) $response->getData(true) + ['said' => RoomWords::of($pages)]);
    }

    /**
     * @param  callable(): PageRevision  $change
     * @param  list<string>  $new  ids of the elements that the change made
     */
    private function after(WorksheetPage $page, callable $change, array &$new = []): JsonResponse
    {
        $revision = $change();
        $shown = Station::named(request()->input('station'))->changed($page, $revision);
        $made = $new === [] ? [] : array_values(array_intersect($new, $revision->page()->ids()));

        return response()->json($shown + ['new' => $made]);
    }
}
