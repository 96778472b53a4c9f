<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ApplyEdit;
use App\Actions\StaleEdit;
use App\Actions\UndoEdit;
use App\Models\PageRevision;
use App\Models\WorksheetPage;
use App\View\BenchPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use OpenSlate\Edit\EditCodec;

/** The pages of the bench: edits come in, the page as it then is goes out drawn. */
final class PageController
{
    public function show(WorksheetPage $page): JsonResponse
    {
        return response()->json(BenchPage::of($page)->drawn());
    }

    public function edit(Request $request, WorksheetPage $page, ApplyEdit $apply): JsonResponse
    {
        $new = [];
        $edit = EditCodec::decode($request->json('edit'), function () use (&$new): string {
            return $new[] = Str::lower(Str::random(10));
        });

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

    /**
     * @param  callable(): PageRevision  $change
     * @param  list<string>  $new  ids of the elements that the change made
     */
    private function after(WorksheetPage $page, callable $change, array &$new = []): JsonResponse
    {
        try {
            $change();
        } catch (StaleEdit $stale) {
            return response()->json(['message' => $stale->getMessage()] + BenchPage::of($page)->drawn(), 409);
        }

        return response()->json(BenchPage::of($page)->drawn() + ['new' => $new]);
    }
}
