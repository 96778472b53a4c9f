<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Attend;
use App\Actions\FreshenDaily;
use App\Actions\GiveFreshCopies;
use App\Actions\HandBack;
use App\Actions\MarkByKey;
use App\Actions\MoveCopy;
use App\Actions\SaveWork;
use App\Http\AtCopy;
use App\Models\Copy;
use App\Models\Moment;
use App\View\CopyAddress;
use App\View\EditionWords;
use App\View\LaidParts;
use App\View\MarkedCopy;
use App\View\RefusedWords;
use App\View\SavedWords;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Place;

/** A student at their own copy. */
final class CopyController
{
    public function show(
        Request $request,
        Copy $copy,
        MoveCopy $move,
        MarkByKey $byKey,
        HandBack $back,
        FreshenDaily $fresh,
    ): View {
        $copy->load(['item.edition.revisions', 'item.handout', 'student', 'students', 'moments:id,copy_id,kind']);
        $student = AtCopy::student($request, $copy);
        $fresh($copy->item);
        $copy->refresh();
        $move->open($copy);
        // What a browser fetches ahead, for its keeping, nobody has looked at.
        $request->prefetch() || $back->look($copy);
        // Nothing of the marks or of the key is read before the copy is handed back, or its student may see the
        // answers.
        $answers = $copy->item->handout->showsAnswers($copy);
        $seesMarks = $copy->isReturned();
        $isOver = $copy->state === CopyState::HandedIn || $copy->times()->isClosed(now()->toDateTimeImmutable());
        $scheme = $seesMarks || ($answers && $isOver) ? $byKey($copy->item) : null;
        $copy->refresh();

        return view('student.copy', [
            'copy' => $copy,
            'handout' => $copy->item->handout,
            'times' => $copy->times(),
            'edition' => $copy->item->edition,
            'printed' => EditionWords::of($copy->item->edition),
            'marked' => $scheme === null
                ? null
                : MarkedCopy::of($copy, $scheme, $answers, $seesMarks),
            'answers' => $answers,
            'mayTryAgain' => $isOver && $this->mayTryAgain($copy),
            'moments' => $copy->item->handout->trial ? null : Moment::forStudent($copy),
            'student' => $student,
            'next' => $copy->nextOfTheDay($student),
            'door' => $student->classes()->first(),
        ]);
    }

    public function save(Request $request, Copy $copy, SaveWork $save): JsonResponse
    {
        [$places, $pages] = $copy->placesToFill();
        $draft = Draft::decode($request->json()->all()['draft'] ?? null, $places);
        $draft = $copy->isShared() ? $draft->by(AtCopy::student($request, $copy)->id) : $draft;
        $draft = $draft->settled(
            fn (string $key, string $text): string => $this->putHere($copy, $places->find($key), $text),
        );
        $page = max(1, min($pages, $request->integer('page', 1)));
        $saved = $save($copy, $draft, $places, $page);

        return response()->json([
            'revision' => $saved->work->revision,
            'news' => $copy->news(),
            'filled' => $saved->work->filled($places),
            'conflicts' => (object) $saved->conflicts,
            'newer' => (object) $saved->newer,
            'merged' => (object) $saved->merged,
            'said' => $saved->said,
            'refused' => (object) RefusedWords::all($saved->refused, $places),
            ...SavedWords::of($saved->work, $places, array_keys($draft->answers)),
        ]);
    }

    /**
     * The lines and gaps that parts of one page may hold to while they are dragged; asked for once they have come to
     * rest.
     */
    public function guides(Copy $copy, int $number): JsonResponse
    {
        $page = $copy->item->edition->revision($number)->page();

        return response()->json(LaidParts::on($page, $number, $copy->written()->texts())->guides());
    }

    /**
     * A file is put on a copy by sending it; here it can only be one that was.
     *
     * @throws AnswerRefused
     */
    private function putHere(Copy $copy, ?Place $place, string $text): string
    {
        return $text === '' || $place?->form->kind()->isFile() !== true || $copy->hasFiles([$text])
            ? $text
            : throw AnswerRefused::notPutHere();
    }

    /** What several share is handed in when the others were told. */
    public function handIn(Request $request, Copy $copy, MoveCopy $move, Attend $attend): RedirectResponse
    {
        $student = AtCopy::student($request, $copy);
        $isAlone = ! $copy->isShared() || $attend->others($copy, $student)->isEmpty();
        $moved = $isAlone ? $move->handIn($copy) : $move->handInTogether($copy, $student);

        return to_route(CopyAddress::route($copy->item->handout, 'show'), $copy)
            ->with('handed-in', $moved->state === CopyState::HandedIn)
            ->with('others-told', $moved->state !== CopyState::HandedIn);
    }

    /** One of those who share it is not done yet. */
    public function notYet(Copy $copy): Response
    {
        $copy->forceFill(['asked_in_by' => null])->save();

        return response()->noContent();
    }

    public function another(Copy $copy, GiveFreshCopies $fresh): RedirectResponse
    {
        $copy->load(['item.edition.revisions', 'item.handout']);
        $fresh->another($copy);

        return to_route(CopyAddress::route($copy->item->handout, 'show'), $copy);
    }

    private function mayTryAgain(Copy $copy): bool
    {
        $attempts = $copy->item->handout->attemptsOf();

        return ! $attempts->isOne() &&
            ! $copy->times()->isClosed(now()->toDateTimeImmutable()) &&
            $attempts->allowsMoreThan($copy->attemptsDone());
    }

    public function takeBack(Copy $copy, MoveCopy $move): RedirectResponse
    {
        $move->takeBack($copy);

        return to_route(CopyAddress::route($copy->item->handout, 'show'), $copy);
    }
}
