<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\GivePass;
use App\Actions\GuestRefused;
use App\Actions\JoinGuest;
use App\Documents\QrCode;
use App\Models\Handout;
use App\Models\Pass;
use App\Models\PassKind;
use App\Models\SchoolClass;
use App\Models\Student;
use App\School;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The passes of a handout, in its teacher's hands. */
final class PassController
{
    private const DAYS = 14;

    private const MOST_DAYS = 366;

    public function index(Handout $handout, School $school): View
    {
        $passes = $handout->passes()->live()->with(['class', 'student'])->get();

        return view('passes.index', [
            'handout' => $handout,
            'classes' => $handout->classes()->get(),
            'byClass' => $passes->where('kind', PassKind::OfClass)->keyBy('school_class_id'),
            'open' => $passes->firstWhere('kind', PassKind::Open),
            'personal' => $passes->where('kind', PassKind::Personal),
            'ends' => $school->local($this->suggested($handout))->format('Y-m-d'),
            'guests' => $handout->guests()->get(),
            'students' => $handout
                ->classes()
                ->with('students')
                ->get()
                ->flatMap(fn (SchoolClass $class) => $class->students)
                ->unique('id')
                ->sortBy('name'),
        ]);
    }

    public function store(Request $request, Handout $handout, GivePass $give, School $school): RedirectResponse
    {
        $said = $request->validate(
            [
                'kind' => ['required', Rule::enum(PassKind::class)],
                'class' => [
                    Rule::requiredIf($request->input('kind') === PassKind::OfClass->value),
                    'nullable',
                    'integer',
                    Rule::exists('handout_classes', 'school_class_id')->where('handout_id', $handout->id),
                ],
                'ends' => ['required', 'string', 'date_format:Y-m-d'],
                'anew' => ['nullable', 'boolean'],
            ],
            ['ends.*' => 'Say on which day the pass ends.', '*' => 'Choose which pass to make.'],
        );
        $kind = PassKind::from($said['kind']);
        $ends = Carbon::instance($school->at($said['ends'], '23:59'))->utc();
        if ($ends->isPast() || $ends->gt(now()->addDays(self::MOST_DAYS))) {
            throw ValidationException::withMessages([
                'ends' => 'A pass ends on a day from today on, and within a year.',
            ]);
        }
        $give(
            $handout,
            $kind,
            $kind === PassKind::OfClass ? SchoolClass::findOrFail((int) $said['class']) : null,
            $ends,
            $kind !== PassKind::Personal || (bool) ($said['anew'] ?? false),
        );

        return $kind === PassKind::Personal ? to_route('passes.slips', $handout) : to_route('passes', $handout);
    }

    /** One pass, large: for the wall, or to print. */
    public function show(Handout $handout, Pass $pass): View
    {
        return view('passes.show', [
            'handout' => $handout,
            'pass' => $pass,
            'qr' => QrCode::svg(route('pass', $pass->code), "Way to {$handout->title}"),
        ]);
    }

    public function slips(Handout $handout): View
    {
        $passes = $handout
            ->passes()
            ->live()
            ->where('kind', PassKind::Personal)
            ->with('student')
            ->get()
            ->sortBy('student.name');

        return view('passes.slips', [
            'handout' => $handout,
            'passes' => $passes,
            'codes' => $passes
                ->mapWithKeys(fn (Pass $pass): array => [
                    $pass->id => QrCode::svg(route('pass', $pass->code), "Way to {$handout->title}"),
                ])
                ->all(),
        ]);
    }

    public function destroy(Handout $handout, Pass $pass): RedirectResponse
    {
        $pass->delete();

        return to_route('passes', $handout)->with('done', 'The pass is over. Whoever came by it is out.');
    }

    public function destroySlips(Handout $handout): RedirectResponse
    {
        $handout->passes()->where('kind', PassKind::Personal)->delete();

        return to_route('passes', $handout)->with('done', 'The slips open nothing any more.');
    }

    public function join(Request $request, Handout $handout, Student $guest, JoinGuest $join): RedirectResponse
    {
        $student = Student::query()
            ->whereIn('id', $handout->classes()->with('students')->get()->flatMap(
                fn (SchoolClass $class): array => $class->students->modelKeys(),
            ))
            ->find($request->integer('student'));
        if ($student === null) {
            throw ValidationException::withMessages(["guest-{$guest->id}" => 'Choose the student first.']);
        }
        try {
            $join($handout, $guest, $student);
        } catch (GuestRefused $refused) {
            throw ValidationException::withMessages(["guest-{$guest->id}" => $refused->getMessage()]);
        }

        return to_route('passes', $handout)->with('done', "What {$guest->name} did is {$student->name}’s copy now.");
    }

    private function suggested(Handout $handout): Carbon
    {
        $last = $handout->closes_at ?? $handout->due_at;

        return $last?->isFuture() === true ? $last : now()->addDays(self::DAYS);
    }
}
