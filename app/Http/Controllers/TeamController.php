<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MakeTeams;
use App\Models\SchoolClass;
use App\Models\Team;
use App\Models\TeamSet;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenSlate\Teams\Dealing;

/** The teams of a class: made by chance, by name, by hand or as last time, and changed by dragging. */
final class TeamController
{
    public function index(SchoolClass $class): View
    {
        $class->load(['students', 'teamSets.teams.students']);

        return view('classes.teams', ['class' => $class, 'sets' => $class->teamSets]);
    }

    public function store(Request $request, SchoolClass $class, MakeTeams $make): RedirectResponse
    {
        $said = $request->validate(
            [
                'name' => ['required', 'string', 'max:60'],
                'by' => ['required', Rule::in(['chance', 'names', 'hand', 'like'])],
                'like' => [
                    Rule::requiredIf($request->input('by') === 'like'),
                    'nullable',
                    'integer',
                    Rule::exists('team_sets', 'id')->where('school_class_id', $class->id),
                ],
                'number' => [
                    Rule::requiredIf($request->input('by') !== 'like'),
                    'nullable',
                    'integer',
                    'between:1,'.Dealing::MOST_TEAMS,
                ],
                'each' => ['nullable', 'boolean'],
            ],
            [
                'name.*' => 'Give the teams a name together, of at most 60 letters, such as “Boats”.',
                'by.*' => 'Choose how they are made.',
                'like.*' => 'Choose the teams that they are like.',
                'number.*' => 'Say how many: from 1 to '.Dealing::MOST_TEAMS.'.',
            ],
        );
        $students = array_map(intval(...), array_values($class->students()->pluck('students.id')->all()));
        $number = (int) ($said['number'] ?? 1);
        $teams = ($said['each'] ?? false) ? Dealing::teamsOf(count($students), $number) : $number;
        $set = match ($said['by']) {
            'like' => $make->like($class, trim($said['name']), TeamSet::findOrFail((int) $said['like'])),
            'hand' => $make->dealt($class, trim($said['name']), [], $teams),
            'names' => $make->dealt($class, trim($said['name']), $students, $teams),
            default => $make->dealt($class, trim($said['name']), array_values(Arr::shuffle($students)), $teams),
        };

        return to_route('teams', $class)->withFragment("set-{$set->id}");
    }

    /** A student into a team of a set, or into none. */
    public function move(Request $request, SchoolClass $class, TeamSet $teamSet): JsonResponse|RedirectResponse
    {
        $student = $class->students()->find($request->integer('student'));
        $team = $request->filled('team') ? $teamSet->teams()->find($request->integer('team')) : null;
        if ($student === null || ($request->filled('team') && $team === null)) {
            throw ValidationException::withMessages(['team' => 'The teams have changed meanwhile. Load them again.']);
        }
        DB::transaction(function () use ($teamSet, $student, $team): void {
            DB::table('team_students')
                ->where(['team_set_id' => $teamSet->id, 'student_id' => $student->id])
                ->delete();
            $team?->students()->attach($student->id, ['team_set_id' => $teamSet->id]);
        });

        return $request->expectsJson() ? response()->json(['moved' => true]) : to_route('teams', $class);
    }

    public function rename(Request $request, SchoolClass $class, TeamSet $teamSet): RedirectResponse
    {
        $names = $request->validate(
            [
                'names' => ['required', 'array', 'max:'.Dealing::MOST_TEAMS],
                'names.*' => ['required', 'string', 'max:40'],
            ],
            ['names.*' => 'Each team has a name of at most 40 letters.'],
        )['names'];
        DB::transaction(
            fn () => $teamSet
                ->teams()
                ->get()
                ->each(fn (Team $team): bool => isset($names[$team->id]) &&
                    $team->update(['name' => trim((string) $names[$team->id])])),
        );

        return to_route('teams', $class)->withFragment("set-{$teamSet->id}");
    }

    public function destroy(SchoolClass $class, TeamSet $teamSet): RedirectResponse
    {
        $teamSet->delete();

        return to_route('teams', $class)->with('done', "“{$teamSet->name}” is thrown away.");
    }
}
