<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\FreshenDaily;
use App\Actions\GiveFreshCopies;
use App\Jobs\FreshenItem;
use App\Models\HandoutItem;
use App\School;
use App\View\Count;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OpenSlate\Copies\CopyState;

/** Fresh copies in place of used ones: for one, for some, for all, now or every school day. */
final class FreshCopyController
{
    public function store(Request $request, HandoutItem $item, GiveFreshCopies $fresh): RedirectResponse
    {
        $to = $request->validate([
            'to' => ['required', 'in:all,handed-in,back,one'],
            'copy' => ['required_if:to,one', 'integer'],
            'keep' => ['nullable', 'in:right'],
        ]);
        $item->load(['edition.revisions', 'handout']);
        $copies = match ($to['to']) {
            'handed-in' => $item->copies()->where('state', CopyState::HandedIn),
            'back' => $item->copies()->where('returned_at', '<=', now()),
            'one' => $item->copies()->whereKey((int) $to['copy']),
            default => $item->copies(),
        };
        $ids = array_values(array_map(intval(...), $copies->pluck('id')->all()));
        $given = count($fresh($item, $ids, ($to['keep'] ?? '') === 'right'));

        return back()->with('done', match ($given) {
            0 => 'Nothing is changed: nobody of those has begun.',
            default => Count::of($given, 'fresh copy', 'fresh copies').
                ' given. The used ones are in the history of each copy, with their marks.',
        });
    }

    public function destroy(HandoutItem $item, GiveFreshCopies $fresh): RedirectResponse
    {
        $taken = $fresh->takeBack($item);

        return back()->with('done', $taken === 0
            ? 'Nothing is taken back: in all of them something is written by now.'
            : Count::of($taken, 'used copy is', 'used copies are').' back as before.');
    }

    public function daily(
        Request $request,
        HandoutItem $item,
        FreshenDaily $freshen,
        School $school,
    ): RedirectResponse {
        $asked = $request->validate([
            'at' => ['nullable', 'date_format:H:i'],
            'until' => ['required_with:at', 'nullable', 'date_format:Y-m-d', 'after_or_equal:today'],
        ]);
        $item->forceFill([
            'fresh_at' => $asked['at'] ?? null,
            'fresh_until' => isset($asked['at']) ? $asked['until'] : null,
            // Today's copies are those that are out: the first fresh ones come on the next school day.
            'freshened_on' => $school->local(now())->format('Y-m-d'),
        ])->save();
        $next = $freshen->next($item);
        if ($next !== null) {
            FreshenItem::dispatch($item->id)->delay($next);
        }

        return back()->with('done', $next === null
            ? 'No more fresh copies come by themselves.'
            : "Fresh copies come every school day, first {$school->said($next)}.");
    }
}
