<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHandout;
use App\Actions\HandoutTerms;
use App\Http\Requests\HandOutRequest;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\HandoutRevision;
use App\Models\Student;
use App\Models\Teacher;
use App\School;
use App\View\HandoutForm;
use App\View\HandoutSentence;
use App\View\NoticedWords;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenSlate\Handout\Terms;

/** What was handed out, changed: in the sentence in which it was handed out. */
final class HandoutChangeController
{
    public function edit(
        Request $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        Handout $handout,
        HandoutTerms $terms,
        School $school,
    ): View {
        $is = $terms->read($handout);
        $classes = $teacher->classes()->with(['students', 'teamSets.teams.students:id'])->orderBy('name')->get();
        $items = $handout->items()->with('edition.worksheet')->get();
        $typed = $request->session()->getOldInput();
        $kept = $typed === []
            ? array_diff($items->modelKeys(), $is->withdrawn)
            : array_map(intval(...), array_filter((array) ($typed['kept'] ?? []), is_numeric(...)));
        $form = $typed === []
            ? HandoutForm::ofHandout($handout, $is, $school)
            : HandoutForm::typed($typed, [])->giving($items->whereIn('id', $kept));

        return view('handout-change', [
            'handout' => $handout,
            'items' => $items,
            'kept' => $kept,
            'form' => $form,
            'sentence' => new HandoutSentence($form, $classes->toBase(), $school),
            'classes' => $classes,
            'steps' => HandoutRevision::where('handout_id', $handout->id)->where('number', $handout->revision)->first(),
        ]);
    }

    /** The sentence as it would be, what students will notice, and what is wrong with it. */
    public function preview(
        HandOutRequest $request,
        Handout $handout,
        HandoutTerms $terms,
        School $school,
        NoticedWords $noticed,
    ): JsonResponse {
        $kept = $handout->items()->with('edition')->whereKey($request->kept())->get();
        $form = $request->form()->giving($kept);
        $sentence = new HandoutSentence($form, $request->classes()->toBase(), $school);
        $is = $terms->read($handout);
        $problems = $request->problems();
        $said = $problems === [] ? $noticed->of($is, $request->terms($is)) : ['Something is not right yet.'];

        return response()->json([
            'words' => $sentence->words(),
            'will' => $said === [] ? 'Nothing is changed yet.' : implode(' ', $said),
            'button' => 'Change it',
            'problems' => (object) $problems,
        ]);
    }

    public function store(
        HandOutRequest $request,
        Handout $handout,
        ChangeHandout $change,
        HandoutTerms $terms,
        NoticedWords $noticed,
    ): RedirectResponse {
        $before = $terms->read($handout);
        $change($handout, $request->integer('base'), fn (Terms $is): Terms => $request->terms($is));
        $said = $noticed->of($before, $terms->read($handout->refresh()));

        return to_route('handouts.change', $handout)->with(
            'done',
            $said === [] ? 'Nothing was changed.' : 'Changed. '.implode(' ', $said),
        );
    }

    public function undo(Request $request, Handout $handout, ChangeHandout $change): RedirectResponse
    {
        $change->undo($handout, $request->integer('base'));

        return to_route('handouts.change', $handout)->with('done', 'It is as it was before.');
    }

    public function redo(Request $request, Handout $handout, ChangeHandout $change): RedirectResponse
    {
        $change->redo($handout, $request->integer('base'));

        return to_route('handouts.change', $handout)->with('done', 'Changed again.');
    }

    /** More time for one student, or no more than the others have. */
    public function extend(Request $request, Copy $copy, ChangeHandout $change, School $school): RedirectResponse
    {
        $request->validate(
            [
                'until_date' => ['nullable', 'string', 'date_format:Y-m-d'],
                'until_time' => ['nullable', 'required_with:until_date', 'string', 'date_format:H:i'],
            ],
            ['*' => 'Choose both a day and a time, or leave the day empty for no more time than the others have.'],
        );
        $until = $request->filled('until_date')
            ? $school->at((string) $request->input('until_date'), (string) $request->input('until_time'))
            : null;
        $name = $copy->whose();
        if ($until !== null && $until->isPast()) {
            throw ValidationException::withMessages(['until_date' => 'That time has passed. Choose a later one.']);
        }
        $change(
            $copy->item->handout,
            $request->integer('base'),
            fn (Terms $is): Terms => $copy
                ->people()
                ->reduce(
                    fn (Terms $so, Student $one): Terms => $so->extending($one->id, $until?->toDateTimeImmutable()),
                    $is,
                ),
        );

        return back()->with(
            'done',
            $until === null
                ? "{$name} has as much time as the others."
                : "{$name} has until {$school->said($until)}.",
        );
    }

    /** Off all lists, or back on them. */
    /** Nothing more is taken, at once; it can be undone like any change. */
    public function close(Request $request, Handout $handout, ChangeHandout $change): RedirectResponse
    {
        $now = now()->startOfSecond()->toDateTimeImmutable();
        $change($handout, $request->integer('base'), fn (Terms $is): Terms => $is->closingAt($now));

        return to_route('desks', $handout)->with(
            'done',
            'It is closed: nothing more is taken, and what is there is kept. “Change it” undoes that.',
        );
    }

    public function putAway(Request $request, Handout $handout, ChangeHandout $change): RedirectResponse
    {
        $away = $request->boolean('away');
        $change($handout, $request->integer('base'), fn (Terms $is): Terms => $is->puttingAway($away));

        return to_route('handouts.index')->with(
            'done',
            $away
                ? "“{$handout->title}” is put away. Students do not see it any more; all work is kept."
                : "“{$handout->title}” is back. Students have it as before.",
        );
    }
}
