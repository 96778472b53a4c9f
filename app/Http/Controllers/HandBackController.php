<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\HandBack;
use App\Actions\MarkByKey;
use App\Http\Requests\HandBackRequest;
use App\Models\Copy;
use App\Models\HandoutItem;
use App\School;
use App\View\Count;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Carbon;
use OpenSlate\Copies\CopyState;

/** Marked copies go back to their students, and are taken back while nobody has looked. */
final class HandBackController
{
    public function store(
        HandBackRequest $request,
        HandoutItem $item,
        MarkByKey $byKey,
        HandBack $back,
        School $school,
    ): RedirectResponse {
        $item->load(['edition.revisions', 'handout']);
        $scheme = $byKey($item);
        $copies = $item->copies()->where('state', '!=', CopyState::NotOpened)->with('handMarks')->get();
        $to = $copies->filter(fn (Copy $copy): bool => match ($request->to()) {
            'all' => true,
            'one' => $copy->id === $request->integer('copy'),
            'handed-in' => $copy->state === CopyState::HandedIn,
            default => $copy->state === CopyState::HandedIn && $copy->marks($scheme)->waiting() === 0,
        });
        $at = $request->at($school);
        $handed = $back($item, array_values($to->modelKeys()), $at);
        $copiesWords = Count::of($handed, 'copy', 'copies');

        return back()->with('done', match (true) {
            $handed === 0 => 'Nothing was handed back: nobody is left to whom it could go.',
            Carbon::instance($at)->isFuture() => "{$copiesWords} will go back {$school->said($at)}.",
            default => "{$copiesWords} handed back.",
        });
    }

    public function destroy(HandoutItem $item, HandBack $back): RedirectResponse
    {
        $taken = $back->takeBack($item);

        return back()->with('done', $taken === 0
            ? 'Nothing was taken back: all of them were looked at.'
            : Count::of($taken, 'copy', 'copies').' taken back. Their students see no marks now.');
    }
}
