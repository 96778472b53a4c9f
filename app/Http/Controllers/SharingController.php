<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeAsOwn;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\View\JobSheet;
use App\View\SharedWith;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Worksheets between colleagues: shown by one, looked at and taken as their own by others. */
final class SharingController
{
    /** What colleagues have shared with this teacher. */
    public function index(#[CurrentUser('teacher')] Teacher $teacher): View
    {
        return view('colleagues.index', [
            'worksheets' => Worksheet::query()
                ->sharedWith($teacher)
                ->with(['teacher:id,name', 'pages' => fn ($pages) => $pages->where('position', 1)->with('backdrop')])
                ->latest('updated_at')
                ->get(),
        ]);
    }

    public function edit(Worksheet $worksheet, #[CurrentUser('teacher')] Teacher $teacher): View
    {
        return view('bench.sharing', [
            'job' => JobSheet::of($worksheet),
            'worksheet' => $worksheet->load('colleagues'),
            'shared' => SharedWith::of($worksheet),
            'teachers' => Teacher::query()->here()->whereKeyNot($teacher->id)
                ->orderBy('name')
                ->get(['id', 'name']),
        ]);
    }

    /** Whom it is shared with from now on; who is left out sees it no longer. */
    public function update(
        Request $request,
        Worksheet $worksheet,
        #[CurrentUser('teacher')] Teacher $teacher,
    ): RedirectResponse {
        $request->validate(
            ['with' => ['required', 'in:nobody,chosen,school'], 'teachers' => ['array'], 'teachers.*' => ['integer']],
            ['with.*' => 'Choose whom to share it with.'],
        );
        $with = $request->string('with')->value();
        $chosen =
            $with === 'chosen'
                ? Teacher::query()
                    ->here()
                    ->whereKey((array) $request->input('teachers'))
                    ->whereKeyNot($teacher->id)
                    ->pluck('id')
                    ->all()
                : [];
        if ($with === 'chosen' && $chosen === []) {
            return to_route('sharing.edit', $worksheet)
                ->withErrors(['with' => 'Tick the colleagues to share it with, or choose nobody.'])
                ->withInput();
        }
        DB::transaction(function () use ($worksheet, $with, $chosen): void {
            Worksheet::withoutTimestamps(fn () => $worksheet->update(['shared_with_school' => $with === 'school']));
            $worksheet->colleagues()->sync($chosen);
        });

        return to_route('sharing.edit', $worksheet)->with('done', true);
    }

    /** A colleague's worksheet, to look at. */
    public function show(Worksheet $worksheet): View
    {
        return view('colleagues.show', ['worksheet' => $worksheet->load(['teacher:id,name', 'pages.current'])]);
    }

    public function take(
        Request $request,
        Worksheet $worksheet,
        #[CurrentUser('teacher')] Teacher $teacher,
        TakeAsOwn $take,
    ): RedirectResponse {
        $request->validate(
            ['name' => ['required', 'string', 'max:120']],
            ['name.*' => 'Give it a name of at most 120 letters.'],
        );
        $own = $take($worksheet, $teacher, trim((string) $request->string('name')));

        return to_route('worksheets.show', $own)->with(
            'done',
            'This is now your own. What you change does not reach '.
                $worksheet->teacher()->sole()->name.
                ', and the other way round.',
        );
    }
}
