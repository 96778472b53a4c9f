<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\HandOutWorksheets;
use App\Actions\LookThrough;
use App\Http\Requests\HandOutRequest;
use App\Models\Handout;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\School;
use App\View\HandedIn;
use App\View\HandoutForm;
use App\View\HandoutSentence;
use App\View\JobSheet;
use App\View\Station;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OpenSlate\Check\CheckedPlan;
use OpenSlate\Check\Finding;
use OpenSlate\Check\Severity;
use OpenSlate\Handout\Times;

/** The Hand out station, and what was handed out. */
final class HandoutController
{
    /** With `away` those that were put away. */
    public function index(Request $request, #[CurrentUser('teacher')] Teacher $teacher): View
    {
        $away = $request->query('away') === '1';
        $handouts = Handout::query()
            ->watchedBy($teacher)
            ->where('trial', false)
            ->whereNull('shelf_of')
            ->whereNull('put_away_at', not: $away)
            ->with(['classes', 'teacher:id,name'])
            ->latest('id')
            ->get();

        return view('handouts', [
            'handouts' => $handouts,
            'handedIn' => HandedIn::of($handouts),
            'away' => $away,
            'others' => Handout::query()
                ->watchedBy($teacher)
                ->where('trial', false)
                ->whereNull('shelf_of')
                ->whereNull('put_away_at', not: ! $away)
                ->count(),
        ]);
    }

    public function create(
        Request $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        Worksheet $worksheet,
        School $school,
        LookThrough $look,
    ): View|RedirectResponse {
        if ($worksheet->state !== WorksheetState::Ready) {
            return to_route('worksheets.show', $worksheet);
        }
        $mine = $teacher
            ->worksheets()
            ->shelved()
            ->where('state', WorksheetState::Ready)
            ->with(['pages.backdrop', 'master'])
            ->latest('updated_at')
            ->get();
        $classes = $teacher->classes()->with(['students', 'teamSets.teams.students:id'])->orderBy('name')->get();
        // What was chosen on the shelf to be handed out with it.
        $with = $mine->whereIn('id', self::with($request))->where('id', '!=', $worksheet->id);
        $typed = $request->session()->getOldInput();
        $again = $teacher->handouts()->find((int) $request->integer('again'));
        $form = match (true) {
            $typed !== [] => HandoutForm::typed($typed, array_values($mine->all())),
            $again !== null => HandoutForm::again($again, array_values($mine->all())),
            default => HandoutForm::suggested(
                $teacher,
                $mine->find($worksheet) ?? $worksheet,
                array_values($with->all()),
                $school,
            ),
        };

        return view('bench.hand-out', [
            'job' => JobSheet::of($worksheet, Station::HandOut),
            'worksheet' => $worksheet,
            'form' => $form,
            'sentence' => new HandoutSentence($form, $classes->toBase(), $school),
            'classes' => $classes,
            'found' => self::found($form, $look),
            'others' => $mine->whereNotIn('id', array_map(fn (array $item): int => $item[0]->id, $form->items)),
        ]);
    }

    /** The form as a sentence, what is wrong with it, and what may be wrong with what is handed out. */
    public function preview(
        HandOutRequest $request,
        Worksheet $worksheet,
        School $school,
        LookThrough $look,
    ): JsonResponse {
        $sentence = new HandoutSentence($request->form(), $request->classes()->toBase(), $school);

        return response()->json([
            'words' => $sentence->words(),
            'will' => $sentence->will(),
            'button' => $sentence->button(),
            'problems' => (object) $request->problems(),
            'found' => view('bench.found-short', ['found' => self::found($request->form(), $look)])->render(),
        ]);
    }

    public function store(
        HandOutRequest $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        Worksheet $worksheet,
        HandOutWorksheets $handOut,
        School $school,
    ): RedirectResponse {
        $plan = $request->plan();
        $handout = $handOut($teacher, $plan);
        $later = array_filter($plan->ofClasses, fn (Times $own): bool => $own->out > now());

        return to_route('desks', $handout)->with('done', match (true) {
            $plan->prepared => 'It is kept ready. Nobody has it yet.',
            $plan->out !== null => 'It goes out '.$school->said($plan->out).'. Nobody has it before.',
            $later !== [] => 'Handed out. Each class has it from its own time.',
            default => 'Handed out. Each student now has it.',
        });
    }

    /** @return array<int, array{Worksheet, list<Finding>}> of each worksheet, if it is handed out as the form says */
    private static function found(HandoutForm $form, LookThrough $look): array
    {
        $found = [];
        foreach ($form->items as [$worksheet, $mode]) {
            if ($worksheet instanceof Worksheet) {
                $plan = new CheckedPlan(
                    $form->title,
                    $form->directions,
                    ctype_digit($form->points) ? (int) $form->points : null,
                    $form->time('due_date') !== '',
                    $mode->hasCopies(),
                );
                $findings = array_filter(
                    $look($worksheet, $plan),
                    fn (Finding $finding): bool => $finding->severity !== Severity::Look || $finding->code === 'master',
                );
                usort(
                    $findings,
                    // Where a set is meant, all the rest is about pages that nobody wants.
                    fn (Finding $one, Finding $other): int => [$one->code !== 'master', $one->severity->value] <=> [
                        $other->code !== 'master',
                        $other->severity->value,
                    ],
                );
                $found[$worksheet->id] = [$worksheet->loadMissing('sets:id,name,master_id'), $findings];
            }
        }

        return array_filter($found, fn (array $one): bool => $one[1] !== []);
    }

    /** @return list<int> ids of worksheets */
    private static function with(Request $request): array
    {
        $with = $request->query('with');

        return is_string($with) ? array_map(intval(...), explode('-', $with)) : [];
    }
}
