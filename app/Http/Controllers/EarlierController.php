<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepMoment;
use App\Actions\ReturnToMoment;
use App\Models\Copy;
use App\Models\Moment;
use App\View\HandedPictures;
use App\View\PastCopy;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\MomentKind;

/** How a copy was before, for its student: looked at, kept under a name, gone back to. */
final class EarlierController
{
    public function show(Copy $copy, Moment $moment): View
    {
        $copy->load(['item.edition.revisions', 'item.handout', 'student', 'students']);

        return view('student.earlier', [
            'copy' => $copy,
            'moment' => $moment,
            'past' => PastCopy::of($copy, $moment),
            'pictures' => new HandedPictures($copy->item),
            'answers' => $copy->item->handout->showsAnswers($copy),
            'mayReturn' => $copy->state !== CopyState::HandedIn &&
                ! $copy->isReturned() &&
                ! $copy->times()->isClosed(now()->toDateTimeImmutable()),
        ]);
    }

    public function store(Request $request, Copy $copy, KeepMoment $keep): RedirectResponse
    {
        $name = $request->validate(
            ['name' => ['required', 'string', 'max:'.Moment::LONGEST_NAME]],
            ['name.required' => 'Give it a name.'],
        )['name'];
        $named = $copy->moments()->where('kind', MomentKind::Named)->count();
        if ($named >= Moment::MOST_NAMED) {
            throw ValidationException::withMessages(['name' => 'You have kept as many as there is room for.']);
        }
        DB::transaction(fn (): Moment => $keep(
            Copy::query()->lockForUpdate()->findOrFail($copy->id),
            MomentKind::Named,
            trim((string) $name),
        ));

        return to_route('copies.show', $copy);
    }

    public function return(Copy $copy, Moment $moment, ReturnToMoment $return): RedirectResponse
    {
        $return->byStudent($moment);

        return to_route('copies.show', $copy);
    }
}
