<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MarkByHand;
use App\Actions\MarkByKey;
use App\Actions\MarkedByHand;
use App\Http\Requests\MarkRequest;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\Teacher;
use App\View\MarkingTable;
use App\View\MarkingWords;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use OpenSlate\Marking\Scheme;

/** Marking by question: all answers to it, sorted into piles. */
final class MarkingController
{
    public function show(MarkRequest $request, Handout $handout, MarkByKey $byKey): View
    {
        [$item, $scheme] = $this->item($request, $handout, $byKey);

        return view('marking.show', [
            'handout' => $handout,
            'item' => $item,
            'table' => $this->table($request, $item, $scheme),
        ]);
    }

    public function store(
        MarkRequest $request,
        Handout $handout,
        #[CurrentUser('teacher')] Teacher $teacher,
        MarkByKey $byKey,
        MarkByHand $byHand,
    ): JsonResponse {
        [$item, $scheme] = $this->item($request, $handout, $byKey);
        $place = $scheme->find($request->place()) ?? abort(404);
        $copies = $request->copiesOf($item);
        $points = $request->points($place->full);
        $seen = $request->integer('seen');
        $marked = match (true) {
            $request->leavesToKey() => $byHand->leaveToKey($item, $place, $teacher, $copies, $seen),
            $points === null => $byHand->putOff($item, $place, $teacher, $copies, $seen),
            default => $byHand->give($item, $place, $teacher, $copies, $points, $seen),
        };
        $item->refresh();

        return response()->json([
            'html' => view('marking.table', ['handout' => $handout, 'table' => $this->table($request, $item, $scheme)])
                ->render(),
            'said' => $this->said($marked),
        ]);
    }

    private function said(MarkedByHand $marked): string
    {
        return $marked->theirs === [] ? '' : MarkingWords::theirs($marked);
    }

    private function table(MarkRequest $request, HandoutItem $item, Scheme $scheme): ?MarkingTable
    {
        return MarkingTable::of($item, $scheme, $request->place(), $request->withWorking());
    }

    /** @return array{HandoutItem, Scheme} */
    private function item(MarkRequest $request, Handout $handout, MarkByKey $byKey): array
    {
        $handout->load(['items.edition.revisions', 'items.handout', 'classes']);
        $item = $request->item($handout) ?? abort(404);

        return [$item, $byKey($item)];
    }
}
