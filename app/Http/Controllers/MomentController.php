<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepMoment;
use App\Actions\ReturnToMoment;
use App\Models\Copy;
use App\Models\Moment;
use App\View\PastCopy;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\MomentKind;

/** The history of a copy: looked at, held against what it is now, and returned to. */
final class MomentController
{
    public function show(Request $request, Copy $copy, Moment $moment): View
    {
        $with = $request->query('with');
        $other = is_numeric($with) ? $copy->moments()->find((int) $with) : null;
        $copy->load(['item.edition.revisions', 'item.handout', 'student', 'students']);

        return view('desks.moment', [
            'copy' => $copy,
            'moment' => $moment,
            'moments' => $copy->moments()->whereKeyNot($moment->id)->get(['id', 'kind', 'name', 'made_at']),
            'other' => $other,
            'past' => PastCopy::of($copy, $moment, $other),
            'against' => $other?->texts() ?? $copy->written()->texts(),
        ]);
    }

    public function store(Request $request, Copy $copy, KeepMoment $keep): RedirectResponse
    {
        $name = $request->validate(['name' => ['required', 'string', 'max:'.Moment::LONGEST_NAME]])['name'];
        DB::transaction(fn (): Moment => $keep(
            Copy::query()->lockForUpdate()->findOrFail($copy->id),
            MomentKind::Named,
            trim((string) $name),
        ));

        return back()->with('done', 'This moment is kept under its name.');
    }

    public function return(Copy $copy, Moment $moment, ReturnToMoment $return): RedirectResponse
    {
        $return($moment);

        return to_route('desks.copy', $copy)
            ->with('done', 'The copy is as it was then. What it was before is in its history.');
    }
}
