<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CutManySets;
use App\Actions\SetRoles;
use App\Actions\SetSections;
use App\Http\Requests\CutManyRequest;
use App\Models\Worksheet;
use App\View\JobState;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OpenSlate\Trim\Role;

/** A pack's pages by what they are for, and its sets, many at once. */
final class PackController
{
    /** Answers with the contact sheet as it then is. */
    public function roles(Request $request, Worksheet $worksheet, SetRoles $set): View
    {
        $request->validate([
            'role' => ['required', Rule::enum(Role::class)],
            'pages' => ['required', 'array', 'max:300'],
            'pages.*' => ['integer'],
        ], ['pages.*' => 'Tick the pages first.']);
        $set($worksheet, array_values(array_map(intval(...), (array) $request->input('pages'))), Role::from((string) $request->string('role')));

        return view('bench.contact', ['worksheet' => $worksheet->load('pages.current')]);
    }

    /** Starts, renames or joins a section at a page; answers with the contact sheet as it then is. */
    public function sections(Request $request, Worksheet $worksheet, SetSections $set): View
    {
        $request->validate([
            'page' => ['required', 'integer', 'between:1,'.$worksheet->pages_total],
            'name' => ['nullable', 'string', 'max:60'],
        ], ['page.*' => 'Tick the page where the section starts.', 'name.*' => 'That name is too long: at most 60 letters.']);
        $set($worksheet, $request->integer('page'), $request->filled('name') ? trim((string) $request->string('name')) : null);

        return view('bench.contact', ['worksheet' => $worksheet->load('pages.current')]);
    }

    /** Shows what would be cut. */
    public function preview(CutManyRequest $request, Worksheet $worksheet): View
    {
        return view('bench.cut-preview', ['plan' => $request->plan(), 'worksheet' => $worksheet]);
    }

    public function cut(CutManyRequest $request, Worksheet $worksheet, CutManySets $cut): RedirectResponse
    {
        $plan = $request->plan();
        if ($plan === []) {
            return to_route('worksheets.show', $worksheet)->withErrors(['by' => 'Nothing would be cut: no page is marked for students. Mark the pages first.']);
        }
        $cut($worksheet, $plan);

        return to_route('worksheets.show', $worksheet)->with('done', 'Cut: '.JobState::count(count($plan), 'set').'.');
    }
}
