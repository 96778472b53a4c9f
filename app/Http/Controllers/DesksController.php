<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CorrectCopies;
use App\Actions\CorrectionOffer;
use App\Actions\FreshenDaily;
use App\Actions\MarkByKey;
use App\Http\Requests\AnswersRequest;
use App\Http\Requests\DesksRequest;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\Message;
use App\Models\Moment;
use App\Models\SchoolClass;
use App\School;
use App\View\EditionWords;
use App\View\HandoutWords;
use App\View\MarkedCopy;
use App\View\Returned;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;

/** The desks: all copies of a handout, as they grow. */
final class DesksController
{
    /** The latest of so many are in the strip of a copy's history. */
    private const MOST_MOMENTS = 24;

    private const ON_A_DESK = ['student', 'students', 'handMarks'];

    public function show(
        DesksRequest $request,
        Handout $handout,
        FreshenDaily $fresh,
        CorrectCopies $correct,
        MarkByKey $byKey,
    ): View {
        $handout->load(['items.edition.revisions', 'items.handout', 'classes', 'recipients.allClasses:id,name']);
        $item = $this->item($request, $handout);
        $page = $request->pageOf($item->edition->pages_count ?? 0);
        $item === null || $fresh($item);

        return view('desks.show', [
            'handout' => $handout,
            'item' => $item,
            'page' => $page,
            'times' => $handout->timesByStudent(),
            'corrections' => $handout->teacher_id === $request->user('teacher')?->id
                ? $this->corrections($handout, $item, $correct)
                : [],
            'returned' => $item === null ? null : Returned::of($item),
            'messages' => $this->messages($handout),
            'scheme' => $item === null ? null : $byKey($item),
            'byClass' => $this->byClass(
                $handout,
                $item?->copies()->with(self::ON_A_DESK)->get()->toBase() ?? new Collection,
            ),
        ]);
    }

    /**
     * Of the item that is shown, and of what is only read: where is it otherwise than what was handed out, or was it
     * corrected?
     *
     * @return list<array{HandoutItem, CorrectionOffer|null}>
     */
    private function corrections(Handout $handout, ?HandoutItem $shown, CorrectCopies $correct): array
    {
        $items = $handout->items->filter(
            fn (HandoutItem $item): bool => $item->withdrawn_at === null &&
                ($item->is($shown) || ! $item->mode->hasCopies()),
        );

        return array_values(array_filter(
            $items->map(fn (HandoutItem $item): array => [$item, $correct->offer($item)])->all(),
            fn (array $one): bool => $one[1] !== null || $one[0]->corrected_from !== null,
        ));
    }

    /**
     * @param  Collection<int, Copy>  $copies
     * @return array<string, Collection<int, Copy>>  copies in the order of names, by the name of the class by
     *                                                       which each student got theirs, in order as well
     */
    private function byClass(Handout $handout, Collection $copies): array
    {
        $given = $handout->classes->pluck('name', 'id');
        $class = function (Copy $copy) use ($handout, $given): string {
            $first = $copy->people()->first();
            if ($first?->guest === true) {
                return 'Guests';
            }
            $classes = $handout->recipients->firstWhere('id', $first?->id)->allClasses ?? new Collection;

            return $given[$copy->school_class_id]
                ?? $classes->first(fn (SchoolClass $class): bool => $given->has($class->id))->name
                ?? 'No class now';
        };

        $byClass = [];
        foreach ($copies->sortBy(fn (Copy $copy): string => mb_strtolower($copy->whose())) as $copy) {
            ($byClass[$class($copy)] ??= new Collection)->push($copy);
        }
        ksort($byClass, SORT_NATURAL | SORT_FLAG_CASE);

        return $byClass;
    }

    /**
     * The copies that changed since the caller last saw them, drawn; an empty answer when none did.
     *
     * The caller tells what it has seen as "copy.version" pairs: "3.17,4.2", and may ask for one copy only.
     */
    public function changes(DesksRequest $request, Handout $handout, MarkByKey $byKey): Response|JsonResponse
    {
        $item = $this->item($request, $handout) ?? abort(404);
        $seen = $request->seen();
        $changed = $item
            ->copies()
            ->toBase()
            ->when($request->onlyCopy(), fn ($copies, int $id) => $copies->where('id', $id))
            ->get(['id', 'version'])
            ->reject(fn (object $copy): bool => ($seen[(int) $copy->id] ?? null) === (int) $copy->version);
        if ($changed->isEmpty()) {
            return response()->noContent();
        }
        $item->load(['edition.revisions', 'handout']);
        $scheme = $byKey($item);
        $page = $request->pageOf($item->edition->pages_count);
        $pages = $item->edition->frozenPages();
        $times = $handout->timesByStudent();

        return response()->json([
            'copies' => Copy::with(self::ON_A_DESK)
                ->findMany($changed->pluck('id'))
                ->map(
                    fn (Copy $copy): array => [
                        'id' => $copy->id,
                        'html' => view('desks.desk', [
                            'copy' => $copy,
                            'edition' => $item->edition,
                            'pages' => $pages,
                            'page' => $page,
                            'handout' => $handout,
                            'times' => $times,
                            'scheme' => $scheme,
                        ])->render(),
                    ],
                )
                ->values(),
        ]);
    }

    public function copy(Copy $copy, MarkByKey $byKey): View
    {
        $copy->load(['item.edition.revisions', 'item.handout', 'student', 'students']);
        $copy->isShared() && $copy->item->handout->load('recipients');
        $scheme = $byKey($copy->item);
        $copy->refresh();
        [$before, $after] = $this->beside($copy);

        return view('desks.copy', [
            'copy' => $copy,
            'handout' => $copy->item->handout,
            'times' => $copy->times(),
            'edition' => $copy->item->edition,
            'printed' => EditionWords::of($copy->item->edition),
            'marked' => MarkedCopy::of($copy, $scheme, false),
            'messages' => $this->messages($copy->item->handout, $copy),
            'before' => $before,
            'pastTexts' => Moment::textsOf($copy),
            'moments' => $copy
                ->moments()
                ->reorder()
                ->latest('id')
                ->limit(self::MOST_MOMENTS)
                ->get()
                ->reverse()
                ->values(),
            'after' => $after,
        ]);
    }

    /**
     * Those before and after it in the order of the names.
     *
     * @return array{object|null, object|null} each with id and name
     */
    private function beside(Copy $copy): array
    {
        $all = $copy->item
            ->copies()
            ->leftJoin('students', 'students.id', '=', 'copies.student_id')
            ->selectRaw('copies.id, coalesce(students.name, copies.name) as name')
            ->toBase()
            ->get()
            ->sortBy(fn (object $one): array => [mb_strtolower((string) $one->name), $one->id])
            ->values();
        $at = (int) $all->search(fn (object $one): bool => (int) $one->id === $copy->id);

        return [$at > 0 ? $all[$at - 1] : null, $all[$at + 1] ?? null];
    }

    /** @return Collection<int, Message> that show in copies now, the latest first */
    private function messages(Handout $handout, ?Copy $copy = null): Collection
    {
        return Message::query()
            ->shown($handout->id)
            ->when($copy?->student_id, fn ($messages, int $student) => $messages->to($student))
            ->with('student')
            ->get()
            ->toBase();
    }

    /** Shows students the clips that are answers, or keeps them back again. */
    public function answers(AnswersRequest $request, Handout $handout, School $school): RedirectResponse
    {
        $handout->update(['answers_when' => $request->shown(), 'answers_shown_at' => $request->at($school)]);

        return back()->with('done', 'Students see the answers '.HandoutWords::answers($handout, $school).'.');
    }

    private function item(DesksRequest $request, Handout $handout): ?HandoutItem
    {
        $own = $handout->items->filter(fn (HandoutItem $item): bool => $item->mode->hasCopies());

        return $own->firstWhere('id', $request->item()) ?? $own->first();
    }
}
